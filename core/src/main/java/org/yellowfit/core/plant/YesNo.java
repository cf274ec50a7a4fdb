package org.yellowfit.core.plant;

/** A known yes or a known no; unknown is a blank. */
public enum YesNo {
    YES,
    NO
}
