package org.yellowfit.app.plants;

import java.util.List;

/**
 * What the shortlist shows, already in words and drawings.
 *
 * @param why      the answers to “why not …?”
 * @param whyAsked what was asked; empty when nothing was
 * @param chips    the wishes in short
 */
public record ShortlistPage(
        int considered,
        List<Card> fits,
        List<Card> ifs,
        List<Card> misses,
        List<Card> why,
        String whyAsked,
        List<SiteValue> line,
        List<String> chips) {

    /** One of the site's own values, which stand on the yellow line. */
    public record SiteValue(String label, String value) {}

    /** @param dot {@code full}, {@code half} or {@code open} */
    public record Card(
            String id,
            String botanical,
            String cultivar,
            String common,
            String verdict,
            String dot,
            String verdictWords,
            int percent,
            int confidence,
            String limiting,
            String why,
            List<String> remedies,
            String insteadId,
            String instead,
            List<Reason> reasons,
            List<String> notes,
            List<Serves> serves,
            String sketch,
            String strips,
            boolean picked,
            String size) {}

    /** How it meets one of the jobs and wishes. */
    public record Serves(String dot, String asked, String why) {}

    public record Reason(
            String criterion, String dot, String verdict, String why, String rule, List<String> remedies) {}

    public boolean isEmpty() {
        return fits.isEmpty() && ifs.isEmpty();
    }
}
