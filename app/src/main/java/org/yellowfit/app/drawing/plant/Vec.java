package org.yellowfit.app.drawing.plant;

/** A point or a direction in space: x to the right, y up, z towards whoever looks. */
record Vec(double x, double y, double z) {

    static final Vec ORIGIN = new Vec(0, 0, 0);
    static final Vec UP = new Vec(0, 1, 0);
    static final Vec DOWN = new Vec(0, -1, 0);

    /** A direction from its turn about the stem (0 to the right, 90° towards the viewer) and its rise, radians. */
    static Vec direction(double turn, double rise) {
        double flat = Math.cos(rise);
        return new Vec(flat * Math.cos(turn), Math.sin(rise), flat * Math.sin(turn));
    }

    Vec plus(Vec other) {
        return new Vec(x + other.x, y + other.y, z + other.z);
    }

    Vec plus(Vec other, double times) {
        return new Vec(x + other.x * times, y + other.y * times, z + other.z * times);
    }

    Vec minus(Vec other) {
        return new Vec(x - other.x, y - other.y, z - other.z);
    }

    Vec times(double factor) {
        return new Vec(x * factor, y * factor, z * factor);
    }

    double dot(Vec other) {
        return x * other.x + y * other.y + z * other.z;
    }

    double length() {
        return Math.sqrt(dot(this));
    }

    /** Of length 1; up where it has no length. */
    Vec unit() {
        double length = length();
        return length < 1e-9 ? UP : times(1 / length);
    }

    Vec scaled(double across, double up) {
        return new Vec(x * across, y * up, z * across);
    }
}
