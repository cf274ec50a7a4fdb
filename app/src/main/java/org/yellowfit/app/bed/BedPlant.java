package org.yellowfit.app.bed;

import org.yellowfit.core.measure.Refused;

/**
 * A plant in a visit's bed, as it is kept.
 *
 * @param uid        its own name in this bed
 * @param id         of the cultivar
 * @param x          metres east of the drawing's corner; {@code y} north
 * @param group      of those planted together; 0 for none
 * @param locked     whether it stays when the rest is placed anew
 * @param afterYears planted so many years after the first: its phase
 * @param potHeightM height as bought, m; 0 for the usual
 */
record BedPlant(
        String uid, String id, double x, double y, int group, boolean locked, double afterYears, double potHeightM) {

    private static final double FARTHEST_M = 5000;
    private static final double LATEST_YEARS = 30;
    private static final double TALLEST_POT_M = 20;
    private static final int PARTS = 8;

    BedPlant {
        if (!uid.matches("[a-z0-9-]{1,24}") || !id.matches("[a-z0-9-]{1,80}")) {
            throw new Refused("A plant of the bed has no proper name.");
        }
        if (!(Math.abs(x) <= FARTHEST_M && Math.abs(y) <= FARTHEST_M)) {
            throw new Refused("A plant stands at two numbers in metres, each from −5000 to 5000.");
        }
        if (!(afterYears >= 0 && afterYears <= LATEST_YEARS && potHeightM >= 0 && potHeightM <= TALLEST_POT_M)) {
            throw new Refused("A plant is planted within 30 years, and is at most 20 m tall when bought.");
        }
    }

    static BedPlant parse(String text) {
        String[] parts = text.split("\\|", -1);
        if (parts.length != PARTS) {
            throw new Refused("A plant of the bed cannot be read.");
        }
        return new BedPlant(
                parts[0],
                parts[1],
                Double.parseDouble(parts[2]),
                Double.parseDouble(parts[3]),
                Integer.parseInt(parts[4]),
                parts[5].equals("1"),
                Double.parseDouble(parts[6]),
                Double.parseDouble(parts[7]));
    }

    String text() {
        return String.join(
                "|",
                uid,
                id,
                String.valueOf(x),
                String.valueOf(y),
                String.valueOf(group),
                locked ? "1" : "0",
                String.valueOf(afterYears),
                String.valueOf(potHeightM));
    }
}
