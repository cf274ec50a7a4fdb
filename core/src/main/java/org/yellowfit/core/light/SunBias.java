package org.yellowfit.core.light;

/** Whether most of the direct sun comes before or after solar noon (rule B1). */
public enum SunBias {
    MORNING, AFTERNOON, EVEN
}
