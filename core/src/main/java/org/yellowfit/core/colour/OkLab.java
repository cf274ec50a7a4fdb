package org.yellowfit.core.colour;

import static org.yellowfit.core.measure.Checks.finite;
import static org.yellowfit.core.measure.Checks.share;

import java.util.stream.IntStream;

/**
 * A colour in OKLab: lightness 0–1, {@code a} green to red, {@code b} blue to yellow.
 *
 * <p>Source: B. Ottosson, “A perceptual color space for image processing” (2020), matrices for linear sRGB.
 * Check values: white is (1, 0, 0); pure red {@code #ff0000} is (0.628, 0.225, 0.126).
 */
public record OkLab(double lightness, double a, double b) {
    public OkLab {
        share("The lightness", lightness);
        finite("The green to red", a);
        finite("The blue to yellow", b);
    }

    /** Linear light for each of the 256 values of an sRGB channel. */
    private static final double[] LINEAR =
            IntStream.range(0, 256).mapToDouble(OkLab::linear).toArray();

    /** @param rgb 0xRRGGBB, sRGB */
    public static OkLab ofRgb(int rgb) {
        double r = LINEAR[(rgb >> 16) & 0xff];
        double g = LINEAR[(rgb >> 8) & 0xff];
        double bl = LINEAR[rgb & 0xff];
        double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * bl);
        double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * bl);
        double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * bl);
        return new OkLab(
                0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
                1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
                0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
    }

    /** The nearest colour a screen can show, 0xRRGGBB. */
    public int toRgb() {
        double l = cube(lightness + 0.3963377774 * a + 0.2158037573 * b);
        double m = cube(lightness - 0.1055613458 * a - 0.0638541728 * b);
        double s = cube(lightness - 0.0894841775 * a - 1.2914855480 * b);
        int red = encoded(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s);
        int green = encoded(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s);
        int blue = encoded(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s);
        return red << 16 | green << 8 | blue;
    }

    public double distanceTo(OkLab other) {
        double dl = lightness - other.lightness;
        double da = a - other.a;
        double db = b - other.b;
        return Math.sqrt(dl * dl + da * da + db * db);
    }

    public double chroma() {
        return Math.hypot(a, b);
    }

    /** Hue angle in degrees, 0–360: red about 29, yellow 110, green 142, blue 264. */
    public double hueDegrees() {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    /** A mix with {@code share} of the other colour, 0–1. */
    public OkLab mixedWith(OkLab other, double share) {
        return new OkLab(
                lightness + (other.lightness - lightness) * share,
                a + (other.a - a) * share,
                b + (other.b - b) * share);
    }

    public OkLab lighter(double by) {
        return new OkLab(Math.max(0, Math.min(1, lightness + by)), a, b);
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    private static int encoded(double linear) {
        double c = linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * Math.max(0, Math.min(1, c)));
    }

    private static double cube(double x) {
        return x * x * x;
    }

    /** The green of plain leaves; lighter ones read as gold or lime. */
    public boolean isLeafGreen() {
        double hue = hueDegrees();
        return hue >= ColourNumber.GREEN_HUE_FROM.value()
                && hue <= ColourNumber.GREEN_HUE_TO.value()
                && lightness() < ColourNumber.GOLD_FROM_LIGHTNESS.value();
    }
}
