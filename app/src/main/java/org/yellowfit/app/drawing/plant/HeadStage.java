package org.yellowfit.app.drawing.plant;

/** How far a flower has come. */
enum HeadStage {
    BUD,
    OPEN,
    FADING,
    SEED
}
