package org.yellowfit.core.plant;

/**
 * Who says so. A label speaks for the plant as sold; an own record for what was seen and measured; what is calibrated
 * was worked out of all own records together (J3, J7) and comes in no file.
 */
public enum SourceKind {
    LABEL,
    GROWER,
    REFERENCE,
    OWN_RECORD,
    CALIBRATED;

    /** Whether somebody can say so, rather than only our own arithmetic. */
    public boolean isSaid() {
        return this != CALIBRATED;
    }
}
