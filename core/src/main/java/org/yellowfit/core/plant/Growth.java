package org.yellowfit.core.plant;

/** How fast a plant reaches its size. */
public enum Growth {
    SLOW,
    MEDIUM,
    FAST
}
