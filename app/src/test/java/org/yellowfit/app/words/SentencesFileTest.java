package org.yellowfit.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.measure.Words;

/** The message file against the templates and the code that speak by it. */
class SentencesFileTest {

    /** Lists that programs read and write, and people do not see under these names. */
    private static final Set<String> NOT_SHOWN =
            Set.of("org.yellowfit.app.visit.Provenance$Kind", "org.yellowfit.app.api.ObstacleReader$Kind");

    private static final Pattern IN_TEMPLATES = Pattern.compile("#\\{((?:[a-z0-9.-]|(?<!_)_(?!_))+)");
    private static final Pattern IN_CODE =
            Pattern.compile("Sentences\\s*\\.(?:say|date)\\(\\s*\"([\\w.-]+[\\w])\"\\s*[,)]");
    /** The screen of a script that stands alone; the others are in the folder of their screen. */
    private static final Map<String, String> SCREENS =
            Map.of("shortlist.js", "shortlist", "plant-stage.js", "catalogue");

    private static final Pattern IN_SCRIPTS = Pattern.compile("window\\s*\\.say\\(\\s*'([a-z0-9-]+)'");
    private static final Pattern A_REFUSAL =
            Pattern.compile("(?:new Refused|Refusal\\.of|new NotFound)\\(\\s*\"((?:[^\"\\\\]|\\\\.)*)\"");

    @Test
    void everyKeyStandsOnce() {
        assertThat(SentencesFile.keys()).doesNotHaveDuplicates();
    }

    @Test
    void everyKeyThatIsSaidIsThere() {
        Set<String> said = new TreeSet<>(Set.of());
        each("src/main/resources/templates", (file, text) -> all(IN_TEMPLATES, text, said));
        each("src/main/java", (file, text) -> all(IN_CODE, text, said));
        assertThat(said).hasSizeGreaterThan(400);
        assertThat(SentencesFile.keys()).containsAll(said);
    }

    @Test
    void nothingOfAPageIsLeftOverInTheFile() {
        Set<String> said = new TreeSet<>();
        each("src/main/resources/templates", (file, text) -> all(IN_TEMPLATES, text, said));
        assertThat(SentencesFile.keys().stream().filter(key -> key.startsWith("page.")))
                .allSatisfy(key -> assertThat(said).contains(key.replaceFirst("\\.one$", "")));
    }

    @Test
    void aClosedListThatHasLabelsHasOneForEachOfItsWords() {
        List<String> keys = SentencesFile.keys();
        Set<String> labelled = keys.stream()
                .filter(key -> Character.isUpperCase(key.charAt(0)))
                .map(key -> key.substring(0, key.indexOf('.')))
                .collect(Collectors.toCollection(TreeSet::new));
        Map<String, List<Class<?>>> lists = new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("org.yellowfit.core", "org.yellowfit.app")
                        .stream()
                        .filter(JavaClass::isEnum)
                        .filter(list -> labelled.contains(list.getSimpleName()))
                        .<Class<?>>map(JavaClass::reflect)
                        .filter(list -> !NOT_SHOWN.contains(list.getName()))
                        .collect(Collectors.groupingBy(Class::getSimpleName));
        assertThat(lists.keySet()).containsExactlyInAnyOrderElementsOf(labelled);
        lists.forEach((name, list) -> {
            assertThat(list).as("lists of one name").hasSize(1);
            for (Object word : list.get(0).getEnumConstants()) {
                assertThat(keys).contains(name + "." + Words.of((Enum<?>) word));
            }
        });
    }

    @Test
    void whatScriptsSayIsWhatTheirScreenBrings() {
        Map<String, Set<String>> said = new TreeMap<>();
        each("src/main/assets/js", (file, text) -> {
            String screen = SCREENS.getOrDefault(
                    file.getFileName().toString(),
                    file.getParent().getFileName().toString());
            all(IN_SCRIPTS, text, said.computeIfAbsent(screen, any -> new TreeSet<>()));
        });
        said.remove("js");
        said.forEach((screen, keys) -> assertThat(SentencesFile.keys().stream()
                        .filter(key -> key.startsWith("script." + screen + "."))
                        .map(key -> key.substring(("script." + screen + ".").length())))
                .containsExactlyInAnyOrderElementsOf(keys));
    }

    @Test
    void noTwoRefusalsShareAKey() {
        Map<String, String> sentences = new HashMap<>();
        BiConsumer<Path, String> check = (file, text) -> {
            Matcher refusal = A_REFUSAL.matcher(text);
            while (refusal.find()) {
                String sentence = refusal.group(1);
                String other = sentences.putIfAbsent(Refusals.key(sentence), sentence);
                assertThat(other == null || other.equals(sentence))
                        .as("%s: “%s” and “%s”", file, sentence, other)
                        .isTrue();
            }
        };
        each("../core/src/main/java", check);
        each("src/main/java", check);
        assertThat(sentences).hasSizeGreaterThan(60);
    }

    private static void all(Pattern pattern, String text, Set<String> found) {
        Matcher matcher = pattern.matcher(text);
        while (matcher.find()) {
            found.add(matcher.group(1));
        }
    }

    private static void each(String folder, BiConsumer<Path, String> work) {
        try (Stream<Path> files = Files.walk(Path.of(folder))) {
            files.filter(Files::isRegularFile).forEach(file -> {
                try {
                    work.accept(file, Files.readString(file));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
