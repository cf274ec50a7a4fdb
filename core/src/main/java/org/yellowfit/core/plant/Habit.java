package org.yellowfit.core.plant;

/** The shape a plant grows to by itself. */
public enum Habit {
    COLUMNAR,
    UPRIGHT,
    VASE,
    MOUND,
    GLOBE,
    SPREADING,
    PROSTRATE,
    ARCHING,
    FOUNTAIN,
    WEEPING,
    PYRAMIDAL,
    SCRAMBLING,
    ROSETTE,
    STANDARD,
    BAMBOO_LIKE
}
