package org.yellowfit.app.visit;

import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Component;
import org.yellowfit.app.words.Sentences;

/** The bar over every screen of a visit: its stages, and the parts of the one that is open. */
@Component("stageBar")
class StageBar {

    /**
     * @param first where the stage opens when it has not been open before
     * @param parts its screens
     */
    public record StageLink(String name, String label, String first, boolean here, List<PartLink> parts) {}

    /** @param count of what is in it; empty for none */
    public record PartLink(String label, String href, String key, boolean here, String count) {}

    /** @param open the path of the open part, like {@code side-by-side} */
    public List<StageLink> of(Visit visit, String open) {
        return Arrays.stream(Stage.values())
                .map(stage -> link(stage, visit, open))
                .toList();
    }

    private static StageLink link(Stage stage, Visit visit, String open) {
        List<PartLink> parts = stage.parts.stream()
                .map(part -> new PartLink(
                        Sentences.label(part), href(visit, part), part.key, part.path.equals(open), count(part, visit)))
                .toList();
        boolean here = parts.stream().anyMatch(PartLink::here);
        return new StageLink(
                org.yellowfit.core.measure.Words.of(stage),
                Sentences.label(stage),
                parts.get(0).href(),
                here,
                parts);
    }

    private static String href(Visit visit, Stage.Part part) {
        return "/visits/" + visit.id() + "/" + part.path;
    }

    private static String count(Stage.Part part, Visit visit) {
        boolean counted = part == Stage.Part.SIDE_BY_SIDE && !visit.chosen().isEmpty();
        return counted ? String.valueOf(visit.chosen().size()) : "";
    }
}
