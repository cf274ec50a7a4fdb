package org.yellowfit.core.plant;

/** What can hurt someone (rule F1); NONE means known to have none. */
public enum Hazard {
    NONE,
    THORNS,
    TOXIC_PEOPLE,
    TOXIC_PETS,
    SAP,
    POLLEN;

    /** To children: what is touched or put into the mouth. */
    public boolean isToChildren() {
        return this == THORNS || this == TOXIC_PEOPLE || this == SAP;
    }

    public boolean isToPets() {
        return this == TOXIC_PETS;
    }
}
