package org.yellowfit.core.palette;

/** Two schools of layering (rule G1): tall behind short, or some tall and airy ones brought forward. */
public enum Weaving {
    STEPPED,
    WOVEN
}
