package org.yellowfit.core.takeoff;

import java.util.ArrayList;
import java.util.List;

/**
 * How much of a material is needed.
 *
 * @param m3    of what is poured, what was left over taken off; 0 of what is counted
 * @param count of stakes and ties; 0 of what is poured
 * @param bags  one entry for each usual size: so many of that alone are enough
 */
public record Material(MaterialKind kind, double m3, int count, List<Bags> bags) {

    public record Bags(int litres, int count) {}

    private static final double LITRES_PER_M3 = 1000;
    private static final double ROUNDING = 1e-9;

    static Material poured(MaterialKind kind, double litres) {
        List<Bags> bags = new ArrayList<>();
        for (int size : kind.bags()) {
            bags.add(new Bags(size, (int) Math.ceil(litres / size - ROUNDING)));
        }
        // To the cubic centimetre: what a double makes of a product is no volume.
        return new Material(kind, Math.rint(litres * 1000) / 1000 / LITRES_PER_M3, 0, List.copyOf(bags));
    }

    static Material counted(MaterialKind kind, int count) {
        return new Material(kind, 0, count, List.of());
    }
}
