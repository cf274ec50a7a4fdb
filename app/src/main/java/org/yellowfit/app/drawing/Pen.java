package org.yellowfit.app.drawing;

/** Writes SVG path data and elements with short numbers. */
final class Pen {

    private final StringBuilder out = new StringBuilder();

    Pen move(double x, double y) {
        return put('M').number(x).space().number(y);
    }

    Pen line(double dx, double dy) {
        return put('l').number(dx).space().number(dy);
    }

    /** A quadratic curve, relative: control point and end. */
    Pen curve(double cx, double cy, double dx, double dy) {
        return put('q').number(cx).space().number(cy).space().number(dx).space().number(dy);
    }

    Pen close() {
        return put('z');
    }

    /** A full circle as two arcs. */
    Pen dot(double x, double y, double r) {
        move(x - r, y);
        put('a').number(r).space().number(r).raw(" 0 1 0 ").number(2 * r).raw(" 0");
        put('a').number(r).space().number(r).raw(" 0 1 0 ").number(-2 * r).raw(" 0");
        return close();
    }

    /** The path's data, for elements that style themselves. */
    String data() {
        return out.toString();
    }

    boolean isEmpty() {
        return out.isEmpty();
    }

    /** The path filled; nothing when it is empty. */
    String filled(String colour, double opacity) {
        return isEmpty()
                ? ""
                : "<path fill=\"" + colour + "\"" + attribute("fill-opacity", opacity, 1) + " d=\"" + out + "\"/>";
    }

    /** The path as lines with round ends; nothing when it is empty. */
    String stroked(String colour, double width, double opacity) {
        return isEmpty()
                ? ""
                : "<path fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\" stroke=\"" + colour
                        + "\" stroke-width=\"" + text(width, 100) + "\"" + attribute("stroke-opacity", opacity, 1)
                        + " d=\"" + out + "\"/>";
    }

    static String attribute(String name, double value, double usual) {
        return value == usual ? "" : " " + name + "=\"" + text(value, 100) + "\"";
    }

    /** A number with one decimal. */
    static String text(double value) {
        return text(value, 10);
    }

    private static String text(double value, int scale) {
        double rounded = Math.rint(value * scale) / scale;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }

    private Pen number(double value) {
        out.append(text(value));
        return this;
    }

    private Pen space() {
        return put(' ');
    }

    private Pen put(char c) {
        out.append(c);
        return this;
    }

    private Pen raw(String text) {
        out.append(text);
        return this;
    }
}
