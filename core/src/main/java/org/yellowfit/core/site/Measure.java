package org.yellowfit.core.site;

/** A number that belongs to something drawn: its name in files, its range and its unit. */
public enum Measure {
    HEIGHT("heightM", 0.05, 120, "m"),
    UNDERSIDE("undersideM", 0.3, 60, "m"),
    CROWN_RADIUS("crownRadiusM", 0.1, 40, "m"),
    CROWN_BASE("crownBaseM", 0, 60, "m"),
    SILL("sillM", 0.05, 30, "m"),
    WIDTH("widthM", 0.2, 30, "m"),
    LIMIT("limitM", 0.1, 30, "m"),
    SLOPE_PERCENT("slopePercent", 0, 100, "%"),
    PASSES("passes", 0, 1, "share"),
    AGE("ageYears", 0, 300, "years"),
    MATURE_HEIGHT("matureHeightM", 0.5, 120, "m"),
    FROM_YEAR("fromYear", 1900, 2200, "year"),
    TO_YEAR("toYear", 1900, 2200, "year");

    private final String field;
    private final double least;
    private final double most;
    private final String unit;

    Measure(String field, double least, double most, String unit) {
        this.field = field;
        this.least = least;
        this.most = most;
        this.unit = unit;
    }

    /** Name in GeoJSON properties. */
    public String field() {
        return field;
    }

    public double least() {
        return least;
    }

    public double most() {
        return most;
    }

    public String unit() {
        return unit;
    }

    public boolean isLength() {
        return unit.equals("m");
    }
}
