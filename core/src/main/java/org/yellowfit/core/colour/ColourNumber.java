package org.yellowfit.core.colour;

import org.yellowfit.core.measure.Tabled;

/** Every number by which colours are told apart. */
public enum ColourNumber implements Tabled {
    GREEN_HUE_FROM(112, "° OKLab hue", "of leaf greens; our reading of many"),
    GREEN_HUE_TO(165, "° OKLab hue", "of leaf greens; our reading of many"),
    GOLD_FROM_LIGHTNESS(0.72, "OKLab lightness", "a green above it reads as gold or lime"),
    COLOURED_FROM_CHROMA(0.05, "OKLab chroma", "C4, white flowers stay white"),
    HUE_FROM_CHROMA(0.045, "OKLab chroma", "G3, below it there is no hue worth speaking of"),
    NEAR_HUES(40, "° OKLab hue", "G3"),
    OPPOSITE_HUES(140, "° OKLab hue", "G3, purple and gold stand 146° apart"),
    DARK_WITH_LIGHT(0.38, "OKLab lightness", "G3"),
    SAME_COLOUR(0.06, "OKLab distance", "G3, the same again is no company");

    private final Line line;

    ColourNumber(double value, String unit, String source) {
        line = new Line(value, unit, source);
    }

    @Override
    public Line line() {
        return line;
    }
}
