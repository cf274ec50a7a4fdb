package org.yellowfit.core.plant;

/** How much the advisor gambles: moves rules A3–A5, A8 and D3, and which claim of a disputed trait is used. */
public enum Policy {
    CAUTIOUS,
    STANDARD,
    BOLD
}
