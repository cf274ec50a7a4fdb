package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.between;
import static org.yellowfit.core.measure.Checks.betweenOrUnknown;

/**
 * The space a plant may take (rule D4). Null is unknown.
 *
 * @param depthM         all that may be filled from front to back, m, before the clearances
 * @param lengthM        along the bed, m
 * @param maxHeightM     the lowest limit above the spot, m
 * @param wallClearanceM taken off the depth, m
 * @param pathClearanceM taken off the depth, m
 * @param supportHeightM of the wall, trellis or tree a climber goes up, m (F9)
 * @param horizonYears   the age at which size is judged, 1–100 years
 * @param slopePercent   of the ground, % (100: 45°)
 * @param containerL     of the pot, litres
 */
public record Room(
        Double depthM,
        Double lengthM,
        Double maxHeightM,
        double wallClearanceM,
        double pathClearanceM,
        double horizonYears,
        Double supportHeightM,
        Double slopePercent,
        Double containerL) {

    public static final double USUAL_HORIZON_YEARS = 10;
    public static final Room UNKNOWN = new Room(null, null, null, 0, 0, USUAL_HORIZON_YEARS, null, null, null);

    private static final double LONGEST_M = 10_000;
    private static final double HIGHEST_M = 500;

    public Room {
        betweenOrUnknown("The depth", depthM, 0, LONGEST_M, "m");
        betweenOrUnknown("The length", lengthM, 0, LONGEST_M, "m");
        betweenOrUnknown("The height limit", maxHeightM, 0, HIGHEST_M, "m");
        between("The clearance from the wall", wallClearanceM, 0, LONGEST_M, "m");
        between("The clearance from the path", pathClearanceM, 0, LONGEST_M, "m");
        betweenOrUnknown("The support’s height", supportHeightM, 0, HIGHEST_M, "m");
        betweenOrUnknown("The slope", slopePercent, 0, 200, "%");
        betweenOrUnknown("The pot", containerL, 0, 100_000, "l");
        between("The horizon", horizonYears, 1, 100, "years");
    }

    /** Width left for a plant's spread after the clearances, m; null when neither depth nor length is known. */
    public Double widthM() {
        if (depthM == null) {
            return lengthM;
        }
        double across = depthM - wallClearanceM - pathClearanceM;
        return lengthM == null ? across : Math.min(across, lengthM);
    }

    /** m²; null when depth or length is not known. */
    public Double areaM2() {
        return depthM == null || lengthM == null ? null : Double.valueOf(depthM * lengthM);
    }

    /** Room for a plant so wide, the clearances kept. */
    public Room forSpread(double spreadM) {
        Double depth = depthM == null ? null : (Double) Math.max(depthM, spreadM + wallClearanceM + pathClearanceM);
        Double length = lengthM == null ? null : (Double) Math.max(lengthM, spreadM);
        return new Room(
                depth,
                length,
                maxHeightM,
                wallClearanceM,
                pathClearanceM,
                horizonYears,
                supportHeightM,
                slopePercent,
                containerL);
    }

    public Room forHeight(double heightM) {
        Double limit = maxHeightM == null ? null : (Double) Math.max(maxHeightM, heightM);
        return new Room(
                depthM,
                lengthM,
                limit,
                wallClearanceM,
                pathClearanceM,
                horizonYears,
                supportHeightM,
                slopePercent,
                containerL);
    }
}
