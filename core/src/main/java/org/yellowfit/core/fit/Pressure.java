package org.yellowfit.core.fit;

/** How many deer or rabbits come by. */
public enum Pressure {
    NONE,
    SOME,
    HEAVY
}
