package org.yellowfit.core.plant;

/** How a plant takes more ground. */
public enum SpreadMode {
    CLUMP,
    RUNNER,
    SELF_SEEDER,
    ROOTING_STEMS
}
