package org.yellowfit.app.words;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The English message file, line by line. */
final class SentencesFile {

    private static final Path FILE = Path.of("src/main/resources/org/yellowfit/app/words/sentences.properties");

    private SentencesFile() {}

    /** The lines {@code key=sentence}. */
    static List<String> lines() {
        try {
            return Files.readAllLines(FILE).stream()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<String> keys() {
        return lines().stream()
                .map(line -> line.substring(0, line.indexOf('=')))
                .toList();
    }
}
