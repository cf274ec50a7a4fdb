package org.yellowfit.core.plant;

/** How gladly deer or rabbits eat a plant (rule F3). */
public enum Browsing {
    RESISTANT,
    SOMETIMES,
    FAVOURITE
}
