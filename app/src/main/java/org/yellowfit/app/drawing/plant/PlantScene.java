package org.yellowfit.app.drawing.plant;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/**
 * Many plants at one scale: the farther ones behind the nearer, paler and higher up on the ground; no two neighbours of
 * a kind the same. Each different one is drawn once and set where it stands.
 */
public final class PlantScene {

    /** Of a kind so many different ones are drawn; a fifth is the first again, mirrored. */
    private static final int VARIANTS = 4;

    private static final int BANDS = 4;
    private static final double PALEST = 0.34;
    /** The ground is seen from a little above: a metre back stands so many metres higher on the picture. */
    public static final double RISE = 0.16;

    private final double unitsPerM;
    private final String prefix;
    private final Map<String, String> drawn = new LinkedHashMap<>();

    /**
     * One plant where it stands.
     *
     * @param place by whose sun it is thin or full
     * @param xM    to the right, m
     * @param zM    towards the viewer, m
     * @param which its number in the scene: its own looks
     */
    public record Placed(Cultivar plant, PlantState state, GrowingPlace place, double xM, double zM, int which) {}

    private PlantScene(double unitsPerM, String prefix) {
        this.unitsPerM = unitsPerM;
        this.prefix = prefix;
    }

    /**
     * From the front; the origin is the ground at x 0, z 0, y down.
     *
     * @param prefix begins the names of the drawing's parts, so that two scenes on a page keep apart
     */
    public static String front(List<Placed> plants, double unitsPerM, String prefix) {
        return new PlantScene(unitsPerM, prefix).draw(plants, Viewpoint.FRONT);
    }

    /** From above; x to the right, the viewer below. The place of each stem is marked. */
    public static String above(List<Placed> plants, double unitsPerM, String prefix) {
        return new PlantScene(unitsPerM, prefix).draw(plants, Viewpoint.ABOVE);
    }

    private String draw(List<Placed> plants, Viewpoint view) {
        double back = plants.stream().mapToDouble(Placed::zM).min().orElse(0);
        double front = plants.stream().mapToDouble(Placed::zM).max().orElse(0);
        double depth = Math.max(0.01, front - back);
        Comparator<Placed> order = view == Viewpoint.FRONT
                ? Comparator.comparingDouble(Placed::zM)
                : Comparator.comparingDouble(each -> each.state().heightInFlowerM());
        StringBuilder uses = new StringBuilder();
        for (Placed each : plants.stream().sorted(order).toList()) {
            double far = depth > 0.2 ? (front - each.zM()) / depth : 0;
            int band = view == Viewpoint.FRONT ? (int) Math.min(BANDS - 1, far * BANDS) : 0;
            uses.append(use(each, view, band));
        }
        StringBuilder out = new StringBuilder("<defs>");
        drawn.forEach((id, svg) ->
                out.append("<g id=\"").append(id).append("\">").append(svg).append("</g>"));
        return out.append("</defs>")
                .append(uses)
                .append(view == Viewpoint.ABOVE ? stems(plants) : "")
                .toString();
    }

    private String use(Placed each, Viewpoint view, int band) {
        int variant = Math.floorMod(each.which(), VARIANTS);
        boolean mirrored = Math.floorMod(each.which(), 2 * VARIANTS) >= VARIANTS;
        long sun = Math.round(each.place().sunHours().orElse(-1) * 10);
        String id = prefix + each.plant().id() + "-" + Math.round(each.state().ageYears()) + "-" + sun + "-" + variant
                + "-" + band;
        drawn.computeIfAbsent(id, key -> draw(each, variant, view, band));
        double x = each.xM() * unitsPerM;
        double y = each.zM() * unitsPerM * (view == Viewpoint.FRONT ? RISE : 1);
        return "<use href=\"#" + id + "\" transform=\"translate(" + Pen.text(x) + " " + Pen.text(y) + ")"
                + (mirrored ? " scale(-1 1)" : "") + "\"/>";
    }

    private String draw(Placed each, int variant, Viewpoint view, int band) {
        double size = Math.max(each.state().fullFlowerHeightM(), each.state().fullSpreadM()) * unitsPerM;
        PlantFigure figure =
                PlantFigure.of(each.plant(), each.state(), each.place(), unitsPerM, Detail.forSize(size), variant);
        double pale = PALEST * band / (BANDS - 1);
        return view == Viewpoint.FRONT
                ? PlantFigure.shadow(each.state().spreadM() * unitsPerM / 2) + figure.front(pale)
                : figure.above();
    }

    private String stems(List<Placed> plants) {
        double arm = Math.max(3, Math.min(8, 0.06 * unitsPerM));
        Pen marks = new Pen();
        for (Placed each : plants) {
            double x = each.xM() * unitsPerM;
            double y = each.zM() * unitsPerM;
            marks.move(x - arm, y).line(2 * arm, 0).move(x, y - arm).line(0, 2 * arm);
        }
        return marks.stroked("#fdfaf3", 3.2, 0.9) + marks.stroked("#2b2923", 1.2, 1);
    }
}
