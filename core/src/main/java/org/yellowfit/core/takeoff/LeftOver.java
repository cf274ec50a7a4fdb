package org.yellowfit.core.takeoff;

import org.yellowfit.core.measure.Checks;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/** What the customer still has of a material, litres: {@code mulch:25}. */
public record LeftOver(MaterialKind kind, double litres) {

    private static final double MOST_L = 100_000;

    public LeftOver {
        Checks.between("What is left over", litres, 0, MOST_L, "l");
    }

    public static LeftOver parse(String text) {
        int colon = text.indexOf(':');
        if (colon < 0) {
            throw new Refused("“%s” is no material with its litres; write it like mulch:25.", Words.shorten(text));
        }
        return new LeftOver(
                Words.parse(MaterialKind.class, text.substring(0, colon)), Numbers.parse(text.substring(colon + 1)));
    }

    public String text() {
        return Words.of(kind) + ":" + Numbers.write(litres);
    }
}
