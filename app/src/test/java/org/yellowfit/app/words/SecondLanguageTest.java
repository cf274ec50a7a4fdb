package org.yellowfit.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.i18n.FixedLocaleResolver;
import org.springframework.web.util.HtmlUtils;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.people.People;
import org.yellowfit.app.people.Tokens;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Refusal;

/**
 * A second language made from the first, every sentence of it between marks: a word of a page that stands outside marks
 * is hard-wired, unless it is the shop’s own data.
 */
@ExtendWith(RunningApp.class)
class SecondLanguageTest {

    /** A language of nobody’s, from the range for private use. */
    private static final Locale MARKED = Locale.forLanguageTag("qps");

    private static final Pattern WORD = Pattern.compile("\\p{L}{3,}");
    private static final Pattern SPOKEN_ATTRIBUTE =
            Pattern.compile("\\s(?:aria-label|title|placeholder|alt)=\"([^\"]*)\"");
    /** Symbols of units and formats, and names that are the same in every language. */
    private static final Set<String> SAME_EVERYWHERE = Set.of(
            "yellow", "fit", "csv", "json", "api", "utc", "date", "tmin", "tmax", "precip", "time", "lux", "min");

    private static final Set<String> MONTHS_OF_JAVA = Stream.of(Month.values())
            .flatMap(month -> Stream.of(TextStyle.SHORT, TextStyle.FULL)
                    .map(style -> month.getDisplayName(style, Locale.ROOT).toLowerCase(Locale.ROOT)))
            .collect(Collectors.toSet());

    private static Path marked;

    @BeforeAll
    static void aSecondFile() throws IOException, URISyntaxException {
        Path here = Path.of(SecondLanguageTest.class.getResource("").toURI());
        marked = here.resolve("sentences_qps.properties");
        List<String> lines = SentencesFile.lines().stream()
                .filter(line -> !line.startsWith("date."))
                .map(line -> line.replaceFirst("=", "=⟦") + "⟧")
                .collect(Collectors.toCollection(ArrayList::new));
        lines.add(Refusals.key("There is no such visit; it may have been erased.") + "=⟦kein Besuch⟧");
        lines.add(Refusals.key("The file has more than %d rows.") + "=⟦mehr als {0} Zeilen⟧");
        Files.write(marked, lines, StandardCharsets.UTF_8);
    }

    @AfterAll
    static void away() throws IOException {
        Files.delete(marked);
    }

    private static void inMarks(RunningApp app, Runnable test) {
        FixedLocaleResolver language = (FixedLocaleResolver) app.bean(LocaleResolver.class);
        language.setDefaultLocale(MARKED);
        try {
            test.run();
        } finally {
            language.setDefaultLocale(Locale.ENGLISH);
        }
    }

    @Test
    void noPageHoldsWordsOfItsOwn(RunningApp app) {
        Screens screens = new Screens(app, Screens.MANAGER);
        var visit = screens.visit(Map.of(
                "place",
                "qqplace",
                "site.zone",
                "6b",
                "site.sunHours",
                "5",
                "site.maxHeightM",
                "1",
                "site.pets",
                "yes"));
        screens.post("/visits/" + visit.id() + "/list", Map.of("plant", "hosta-mixing-bowl"));
        screens.post("/visits/" + visit.id() + "/side-by-side/hosta-mixing-bowl", Map.of());
        Set<String> data = words(dataOf(screens) + peopleOf(app));
        Map<String, Set<String>> hardWired = new TreeMap<>();
        inMarks(app, () -> {
            for (String path : List.of(
                    "/visits/new",
                    "/stations",
                    "/settings",
                    "/settings/watch-list",
                    "/account",
                    "/catalogue?q=zzzz",
                    "/catalogue?q=evergreen+under+60+cm",
                    "/catalogue/hosta-mixing-bowl",
                    "/catalogue/labels?ids=hosta-mixing-bowl",
                    "/visits/" + visit.id() + "/site",
                    "/visits/" + visit.id() + "/card",
                    "/visits/" + visit.id() + "/place",
                    "/visits/" + visit.id() + "/soil",
                    "/visits/" + visit.id() + "/sun",
                    "/visits/" + visit.id() + "/climate",
                    "/visits/" + visit.id() + "/shortlist",
                    "/visits/" + visit.id() + "/shortlist?view=cards",
                    "/visits/" + visit.id() + "/instead/hosta-mixing-bowl",
                    "/visits/" + visit.id() + "/side-by-side",
                    "/visits/" + visit.id() + "/list",
                    "/visits/" + visit.id() + "/handout")) {
                Set<String> left = words(outsideMarks(Screens.text(screens.get(path))));
                left.removeAll(data);
                left.removeAll(SAME_EVERYWHERE);
                left.removeAll(MONTHS_OF_JAVA);
                if (!left.isEmpty()) {
                    hardWired.put(path, left);
                }
            }
        });
        assertThat(hardWired).isEmpty();
    }

    @Test
    void aRefusalIsSaidInTheSecondLanguage(RunningApp app) {
        inMarks(
                app,
                () -> assertThat(Screens.text(Screens.of(app).get("/visits/00000000-0000-0000-0000-000000000000/site")))
                        .contains("⟦kein Besuch⟧"));
    }

    @Test
    void itsValuesTakeTheirPlaces() {
        org.springframework.context.i18n.LocaleContextHolder.setLocale(MARKED);
        try {
            assertThat(Refusals.say(new LineProblem(2, "", "The file has more than %d rows.", 1200)))
                    .isEqualTo("⟦mehr als 1200 Zeilen⟧");
            assertThat(Refusals.say(Refusal.of("Nobody has put this into words: %s.", 3)))
                    .isEqualTo("Nobody has put this into words: 3.");
        } finally {
            org.springframework.context.i18n.LocaleContextHolder.resetLocaleContext();
        }
    }

    /** Names of plants, stations and people, and what was typed. */
    private static String dataOf(Screens screens) {
        return Screens.text(screens.get("/catalogue/catalogue.csv"))
                + Screens.text(screens.get("/catalogue/claims.csv"))
                + Screens.text(screens.get("/"))
                + " qqplace Abbotsley Wren marrow Bo Lindqvale tamsin Demo token Marrow Point harbour";
    }

    /** Other tests of the run have taken people in, and made tokens. */
    private static String peopleOf(RunningApp app) {
        return app.bean(People.class).all() + " " + app.bean(Tokens.class).all();
    }

    /** What a person reads or hears of a page, without what stands between marks. */
    private static String outsideMarks(String html) {
        StringBuilder said = new StringBuilder();
        Matcher attributes = SPOKEN_ATTRIBUTE.matcher(html);
        while (attributes.find()) {
            said.append(' ').append(attributes.group(1));
        }
        said.append(' ')
                .append(html.replaceAll("(?s)<(script|style|code)\\b.*?</\\1>", " ")
                        .replaceAll("(?s)<[^>]*>", " "));
        StringBuilder left = new StringBuilder();
        int depth = 0;
        for (char c : HtmlUtils.htmlUnescape(said.toString()).toCharArray()) {
            depth += c == '⟦' ? 1 : 0;
            if (depth == 0) {
                left.append(c);
            }
            depth -= c == '⟧' ? 1 : 0;
        }
        return left.toString();
    }

    private static Set<String> words(String text) {
        Set<String> words = new HashSet<>();
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            words.add(word.group().toLowerCase(Locale.ROOT));
        }
        return words;
    }
}
