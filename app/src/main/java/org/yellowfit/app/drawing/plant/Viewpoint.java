package org.yellowfit.app.drawing.plant;

/** From where a plant is seen. */
enum Viewpoint {
    FRONT,
    ABOVE;

    double right(Vec at) {
        return at.x();
    }

    /** Down on the picture. */
    double down(Vec at) {
        return this == FRONT ? -at.y() : at.z();
    }

    double depth(Vec at) {
        return this == FRONT ? at.z() : at.y();
    }

    double angle(Vec to) {
        return Math.atan2(down(to), right(to));
    }

    /** How long something looks that points this way, 0–1. */
    double foreshortened(Vec to) {
        return Math.hypot(right(to), down(to));
    }
}
