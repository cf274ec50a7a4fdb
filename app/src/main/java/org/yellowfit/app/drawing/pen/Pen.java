package org.yellowfit.app.drawing.pen;

/** Writes SVG path data and elements with short numbers. */
public final class Pen {

    private final StringBuilder out = new StringBuilder();

    public Pen move(double x, double y) {
        return put('M').number(x).next(y);
    }

    /** Begins a new stroke a step away from where the last one began. */
    public Pen step(double dx, double dy) {
        return put('m').number(dx).next(dy);
    }

    public Pen line(double dx, double dy) {
        return put('l').number(dx).next(dy);
    }

    /** A quadratic curve, relative: control point and end. */
    public Pen curve(double cx, double cy, double dx, double dy) {
        return put('q').number(cx).next(cy).next(dx).next(dy);
    }

    public Pen close() {
        return put('z');
    }

    /** A full circle as two arcs. */
    public Pen dot(double x, double y, double r) {
        move(x - r, y);
        put('a').number(r).next(r).raw(" 0 1 0 ").number(2 * r).raw(" 0");
        put('a').number(r).next(r).raw(" 0 1 0 ").number(-2 * r).raw(" 0");
        return close();
    }

    /** Path data made before, from where the pen is. */
    public Pen stamp(String data) {
        return raw(data);
    }

    /** The path's data, for elements that style themselves. */
    public String data() {
        return out.toString();
    }

    public boolean isEmpty() {
        return out.isEmpty();
    }

    /** The path filled; nothing when it is empty. */
    public String filled(String colour, double opacity) {
        return isEmpty()
                ? ""
                : "<path fill=\"" + colour + "\"" + attribute("fill-opacity", opacity, 1) + " d=\"" + out + "\"/>";
    }

    /** The path filled and edged. */
    public String edged(String colour, String edge, double width) {
        return isEmpty()
                ? ""
                : "<path fill=\"" + colour + "\" stroke=\"" + edge + "\" stroke-width=\"" + text(width, 100) + "\" d=\""
                        + out + "\"/>";
    }

    /** The path as lines with round ends; nothing when it is empty. */
    public String stroked(String colour, double width, double opacity) {
        return isEmpty()
                ? ""
                : "<path fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\" stroke=\"" + colour
                        + "\" stroke-width=\"" + text(width, 100) + "\"" + attribute("stroke-opacity", opacity, 1)
                        + " d=\"" + out + "\"/>";
    }

    public static String attribute(String name, double value, double usual) {
        return value == usual ? "" : " " + name + "=\"" + text(value, 100) + "\"";
    }

    /** A number with one decimal. */
    public static String text(double value) {
        return text(value, 10);
    }

    /** @param scale 10 for one decimal, 100 for two */
    public static String text(double value, int scale) {
        double rounded = Math.rint(value * scale) / scale;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }

    private Pen number(double value) {
        long tenths = Math.round(value * 10);
        if (tenths < 0) {
            out.append('-');
            tenths = -tenths;
        }
        long whole = tenths / 10;
        long rest = tenths % 10;
        if (whole != 0 || rest == 0) {
            out.append(whole);
        }
        if (rest != 0) {
            out.append('.').append((char) ('0' + rest));
        }
        return this;
    }

    /** A further number; what is negative needs no space before it. */
    private Pen next(double value) {
        if (Math.round(value * 10) >= 0) {
            put(' ');
        }
        return number(value);
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
