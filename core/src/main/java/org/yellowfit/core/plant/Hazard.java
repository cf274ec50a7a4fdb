package org.yellowfit.core.plant;

/** What can hurt someone (rule F1); NONE means known to have none. */
public enum Hazard {
    NONE,
    THORNS,
    TOXIC_PEOPLE,
    TOXIC_PETS,
    SAP,
    POLLEN
}
