package org.yellowfit.app.catalogue;

/** Listens to an import while it reads. */
interface ImportProgress {

    /** Told after every row; throws {@link Stopped} to end the import with nothing stored. */
    void row();

    /** Somebody stopped the import. */
    class Stopped extends RuntimeException {}

    ImportProgress UNHEARD = () -> {};
}
