package org.yellowfit.core.plant;

/** Who says so. A label speaks for the plant as sold; an own record for what was seen and measured. */
public enum SourceKind {
    LABEL,
    GROWER,
    REFERENCE,
    OWN_RECORD
}
