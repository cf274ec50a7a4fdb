package org.yellowfit.core.site;

/** A number that belongs to something drawn: its name in files, its range and its unit. */
public enum Measure {
    HEIGHT("heightM", "Height", 0.05, 120, "m"),
    UNDERSIDE("undersideM", "Underside", 0.3, 60, "m"),
    CROWN_RADIUS("crownRadiusM", "Crown, from trunk to edge", 0.1, 40, "m"),
    CROWN_BASE("crownBaseM", "Crown begins at", 0, 60, "m"),
    SILL("sillM", "Sill", 0.05, 30, "m"),
    WIDTH("widthM", "Width", 0.2, 30, "m"),
    LIMIT("limitM", "Nothing higher than", 0.1, 30, "m"),
    SLOPE_PERCENT("slopePercent", "Falls by", 0, 100, "%"),
    PASSES("passes", "Light it lets through", 0, 1, "share"),
    AGE("ageYears", "Age now", 0, 300, "years"),
    MATURE_HEIGHT("matureHeightM", "Height when old", 0.5, 120, "m"),
    FROM_YEAR("fromYear", "Stands from", 1900, 2200, "year"),
    TO_YEAR("toYear", "Stands to", 1900, 2200, "year");

    private final String field;
    private final String words;
    private final double least;
    private final double most;
    private final String unit;

    Measure(String field, String words, double least, double most, String unit) {
        this.field = field;
        this.words = words;
        this.least = least;
        this.most = most;
        this.unit = unit;
    }

    /** Name in GeoJSON properties. */
    public String field() {
        return field;
    }

    public String words() {
        return words;
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
