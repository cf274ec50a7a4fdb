package org.yellowfit.core.claims;

/** Why one value was used among those that sources give. */
public enum Reason {
    LABEL("the label"),
    ONLY_SOURCE("the only source there is"),
    LEAST_HARDY("cautious: the least hardy of them"),
    HARDIEST("bold: the hardiest of them"),
    LARGEST("cautious: the largest of them"),
    NEEDS_MOST_SUN("cautious: the one that asks most sun"),
    STANDS_LEAST_SUN("cautious: the one that stands least sun"),
    MOST_EATEN("cautious: the most eaten"),
    ALL_HAZARDS("every hazard any source names"),
    OWN_RECORDS("own records, which outweigh the label"),
    CALIBRATED("the label, moved towards own records by their weight");

    private final String words;

    Reason(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
