package org.yellowfit.app.bed;

/**
 * What becomes of one plant.
 *
 * @param from as it stood; null where there was none
 * @param to   as it stands; null where it is taken out
 */
record BedChange(String uid, BedPlant from, BedPlant to) {

    static BedChange parse(String text) {
        String[] parts = text.split(">", -1);
        BedPlant from = parts[0].isEmpty() ? null : BedPlant.parse(parts[0]);
        BedPlant to = parts[1].isEmpty() ? null : BedPlant.parse(parts[1]);
        return new BedChange((from == null ? to : from).uid(), from, to);
    }

    String text() {
        return (from == null ? "" : from.text()) + ">" + (to == null ? "" : to.text());
    }

    BedChange reversed() {
        return new BedChange(uid, to, from);
    }
}
