package org.yellowfit.app.catalogue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.function.Function;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Fact;

/** A small file of rows that is brought in from a page, and told of on that page. */
public final class SmallFile {

    private static final int LARGEST = 20 * 1024 * 1024;
    private static final int PROBLEMS_SHOWN = 200;

    private SmallFile() {}

    /**
     * Reads what was sent at once. The page finds {@code taken} or {@code problem}, and {@code lines} that are wrong.
     *
     * @param sent bytes, null where none were
     * @param read reads the text, and stores what it may
     */
    public static void bringIn(MultipartFile sent, RedirectAttributes flash, Function<String, ImportReport> read)
            throws IOException {
        boolean none = sent == null || sent.isEmpty();
        if (none || sent.getSize() > LARGEST) {
            flash.addFlashAttribute("problem", Sentences.say(none ? "yard.no-file" : "told.list-too-large"));
            return;
        }
        ImportReport report = read.apply(new String(sent.getBytes(), StandardCharsets.UTF_8));
        boolean stored = report.stored();
        flash.addFlashAttribute(
                stored ? "taken" : "problem",
                Sentences.say(
                        stored ? "yard.taken" : "yard.refused",
                        Fact.of("counted.rows", stored ? report.changed() : report.rejected())));
        flash.addFlashAttribute(
                "lines", report.problems().stream().limit(PROBLEMS_SHOWN).toList());
    }
}
