package org.yellowfit.core.plant;

/** Whether plants under a name are alike (clone) or vary (seed), rule F7. */
public enum Propagation {
    CLONE,
    SEED
}
