package org.yellowfit.core.plant;

/** Stems worth cutting for a vase, as they are or dried. */
public enum CutStem {
    NONE,
    FRESH,
    DRIED
}
