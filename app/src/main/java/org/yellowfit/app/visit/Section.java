package org.yellowfit.app.visit;

/** The parts of a visit's answers. */
public enum Section {
    /** Who and what the visit is for, and how it is looked at. */
    ABOUT(""),
    /** What the place is like. */
    SITE("site."),
    WISHES("wants."),
    /** What must not be. */
    NEVER("wants.never."),
    /** Where the place lies, and which station and patch stand for it. */
    POSITION("at."),
    /** One thing drawn each, by its id. */
    DRAWING("draw."),
    /** Readings of the soil's tests. */
    SOIL("soil."),
    /** Clock hours in which the spot was seen in sun, by month. */
    SEEN_SUN("seen."),
    /** What is planted together, and what it shall be. */
    PLANTING("planting.");

    final String prefix;

    Section(String prefix) {
        this.prefix = prefix;
    }
}
