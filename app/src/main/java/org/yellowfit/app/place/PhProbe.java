package org.yellowfit.app.place;

/** An instrument that is put into the ground and gives the pH. */
interface PhProbe {

    /**
     * @param spot    what tells one place from another
     * @param reading how many readings were taken before
     */
    double read(String spot, int reading);

    /** What it is called where its readings are shown. */
    String name();
}
