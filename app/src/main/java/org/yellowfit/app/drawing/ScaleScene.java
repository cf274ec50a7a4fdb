package org.yellowfit.app.drawing;

import java.util.List;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.UnitSystem;

/**
 * Several plants at one scale beside a person: one picture each, all of the same height in metres, so that a page which
 * shows
 * them equally high shows them to one scale.
 */
public final class ScaleScene {

    /** A grown person, m: about the mean height of adults in North America. */
    private static final double PERSON_M = 1.7;

    private static final double HEADROOM = 1.06;
    private static final double SIDE_ROOM = 1.12;
    private static final double BELOW_GROUND_SHARE = 0.045;
    private static final double UNITS = 100;
    /** A number of the scale; alone, as a picture, it has no style sheet. */
    private static final String WRITTEN =
            "<text class=\"rule\" fill=\"#5c574b\" font-family=\"Source Sans, sans-serif\" font-size=\"";
    /** Share of the picture’s height up to which marks are set. */
    private static final double MARKS_TO = 0.955;

    /** The person's place on the page for its height, with room for the heights written beside. */
    private static final double PERSON_WIDTH_SHARE = 0.4;
    /** The rules run on past the picture; the page cuts them at the plant's place. */
    private static final double RULE_HALF_M = 30;

    private final List<PlantSketch> sketches;
    private final double viewHeightM;
    private final UnitSystem units;
    private final Double limitM;
    private Backdrop backdrop = Backdrop.NONE;

    /**
     * @param widthToHeight how wide one plant's place on the page is for its height
     * @param limitM        the height limit of the place, or null
     */
    public ScaleScene(List<PlantSketch> sketches, double widthToHeight, UnitSystem units, Double limitM) {
        this.sketches = sketches;
        this.units = units;
        this.limitM = limitM;
        double tallest = Math.max(
                PERSON_M,
                sketches.stream()
                        .mapToDouble(s -> s.heightUnits() / s.unitsPerM())
                        .max()
                        .orElse(0));
        double widest = sketches.stream()
                .mapToDouble(s -> s.widthUnits() / s.unitsPerM())
                .max()
                .orElse(1);
        this.viewHeightM = Math.max(tallest * HEADROOM, widest * SIDE_ROOM / widthToHeight);
    }

    /** The same plants before something that stands at the place. */
    public ScaleScene before(Backdrop behind) {
        backdrop = behind;
        return this;
    }

    public List<String> plants() {
        return sketches.stream().map(this::plant).toList();
    }

    /** The only plant and the person in one picture that is large enough for a plant of the given size, m. */
    String stage(double tallestM, double widestM) {
        PlantSketch sketch = sketches.get(0);
        double high = Math.max(PERSON_M, tallestM) * HEADROOM;
        double person = high > 4 * PERSON_M ? 1.1 : 0.9;
        double wide = Math.max(widestM * 1.06, high * 0.5) + person;
        ScaleScene scene = new ScaleScene(sketches, Math.max(high, wide / 1.6), units);
        double scale = UNITS / sketch.unitsPerM();
        return scene.open(wide, Sentences.say("picture.beside-person", units.length(PERSON_M)))
                + scene.rules(wide, true)
                + "<g transform=\"translate(" + Pen.text((-wide / 2 + person * 0.62) * UNITS) + " 0)\">" + figure()
                + "</g>"
                + "<g transform=\"translate(" + Pen.text(person / 2 * UNITS) + " 0) scale("
                + Math.rint(scale * 10000) / 10000 + ")\">" + sketch.svg() + "</g></svg>";
    }

    private ScaleScene(List<PlantSketch> sketches, double viewHeightM, UnitSystem units) {
        this.sketches = sketches;
        this.units = units;
        this.limitM = null;
        this.viewHeightM = viewHeightM;
    }

    private String plant(PlantSketch sketch) {
        double widthM = sketch.widthUnits() / sketch.unitsPerM();
        double scale = UNITS / sketch.unitsPerM();
        return open(widthM, Sentences.say("picture.at-age")) + rules(widthM, false) + "<g transform=\"scale("
                + Math.rint(scale * 10000) / 10000 + ")\">" + sketch.svg() + "</g></svg>";
    }

    /** The person, with the heights written beside. */
    public String person() {
        double widthM = viewHeightM * PERSON_WIDTH_SHARE;
        return open(widthM, Sentences.say("picture.person", units.length(PERSON_M))) + rules(widthM, true)
                + "<g transform=\"translate(" + Pen.text(widthM * UNITS * 0.2) + " 0) scale(.86 1)\">" + figure()
                + "</g></svg>";
    }

    private String open(double widthM, String label) {
        double below = viewHeightM * BELOW_GROUND_SHARE;
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"to-scale\" viewBox=\"" + Pen.text(-widthM * UNITS / 2)
                + " " + Pen.text(-viewHeightM * UNITS) + " " + Pen.text(widthM * UNITS) + " "
                + Pen.text((viewHeightM + below) * UNITS) + "\" role=\"img\" aria-label=\"" + label + "\">";
    }

    private String rules(double widthM, boolean written) {
        double half = RULE_HALF_M * UNITS;
        double thin = viewHeightM * 0.22;
        Pen lines = new Pen();
        StringBuilder words = new StringBuilder();
        double step = step();
        // The topmost mark keeps room for its number.
        for (double h = step; h < viewHeightM * MARKS_TO; h += step) {
            lines.move(-half, -h * UNITS).line(2 * half, 0);
            if (written) {
                words.append(WRITTEN)
                        .append(Pen.text(viewHeightM * 3.6))
                        .append("\" x=\"")
                        .append(Pen.text(-widthM * UNITS / 2 + viewHeightM * 1.5))
                        .append("\" y=\"")
                        .append(Pen.text(-h * UNITS - viewHeightM * 0.8))
                        .append("\">")
                        .append(units.length(h))
                        .append("</text>");
            }
        }
        Pen ground = new Pen().move(-half, 0).line(2 * half, 0);
        Pen limit = new Pen();
        if (limitM != null && limitM < viewHeightM) {
            limit.move(-half, -limitM * UNITS).line(2 * half, 0);
        }
        return backdrop.svg(half, UNITS, thin)
                + lines.stroked("#2c2a24", thin, 0.16)
                + words
                + ground.stroked("#2c2a24", thin * 2, 0.65)
                + limit.stroked("#2c2a24", thin * 3, 0.75);
    }

    private double step() {
        double metric = viewHeightM > 8 ? 2 : viewHeightM > 3 ? 1 : 0.5;
        return units == UnitSystem.METRIC ? metric : Math.max(1, Math.round(metric / 0.5)) * 2 * UnitSystem.FOOT_M;
    }

    /** A standing figure in a work coat, drawn in centimetres. */
    private static String figure() {
        Pen coat = new Pen()
                .move(-9, -143)
                .curve(9, -5, 18, 0)
                .curve(11, 3, 12, 18)
                .curve(2, 20, 3, 38)
                .line(-6, 2)
                .curve(-3, -18, -5, -30)
                .curve(0, 26, 3, 56)
                .curve(-16, 5, -32, 0)
                .curve(3, -30, 3, -56)
                .curve(-2, 12, -5, 30)
                .line(-6, -2)
                .curve(1, -18, 3, -38)
                .curve(1, -15, 12, -18)
                .close();
        Pen legs = new Pen()
                .move(-13, -62)
                .line(3, 58)
                .line(-2, 4)
                .line(12, 0)
                .line(1, -60)
                .line(3, 0)
                .line(1, 60)
                .line(12, 0)
                .line(-2, -4)
                .line(2, -58)
                .close();
        Pen head = new Pen().dot(0, -158.5, 11);
        Pen neck = new Pen().move(-4, -151).line(0, 10).line(8, 0).line(0, -10).close();
        Pen hat = new Pen()
                .move(-17, -163)
                .curve(17, -5, 34, 0)
                .line(-7, -1.5)
                .curve(-2, -11, -10, -11)
                .curve(-9, 0, -11, 11)
                .close();
        return legs.filled("#55524a", 1)
                + neck.filled("#8f8a7e", 1)
                + coat.filled("#6f6b61", 1)
                + head.filled("#8f8a7e", 1)
                + hat.filled("#55524a", 1);
    }
}
