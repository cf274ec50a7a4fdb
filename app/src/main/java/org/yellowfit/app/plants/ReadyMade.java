package org.yellowfit.app.plants;

import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/** The commonest asks, filled in as somebody would have typed them. */
final class ReadyMade {

    private ReadyMade() {}

    /** @param which one of {@link SentencePage#READY} */
    static MultiValueMap<String, String> of(String which) {
        MultiValueMap<String, String> filled = new LinkedMultiValueMap<>();
        switch (which) {
            case "knee-hedge" -> job(filled, "kind=hedge", "clipped=yes", "heightM=50 cm", "byYear=4", "evergreen=yes");
            case "carpet" -> {
                job(filled, "kind=ground-cover", "byYear=3", "evergreen=yes");
                filled.add("wants.maxCareMinutes", "10");
            }
            default -> {
                job(filled, "kind=wildlife", "kinds=bees,butterflies", "months=6,7,8");
                filled.add("wants.show", "flower");
            }
        }
        return filled;
    }

    private static void job(MultiValueMap<String, String> filled, String... blanks) {
        for (String blank : blanks) {
            String[] pair = blank.split("=", 2);
            filled.add("job.0." + pair[0], pair[1]);
        }
    }
}
