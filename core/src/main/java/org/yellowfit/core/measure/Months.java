package org.yellowfit.core.measure;

/** Months of the year as the files, forms and calls write them: whole numbers from 1 to 12. */
public final class Months {

    private Months() {}

    /** @throws IllegalArgumentException when the text is no whole number from 1 to 12 */
    public static int parse(String text) {
        try {
            return check(Integer.parseInt(text.strip()));
        } catch (NumberFormatException e) {
            throw unknown(text);
        }
    }

    private static int check(int month) {
        if (!(month >= 1 && month <= 12)) {
            throw unknown(String.valueOf(month));
        }
        return month;
    }

    private static IllegalArgumentException unknown(String text) {
        return new Refused("“%s” is not a month; expected a whole number from 1 to 12.", Words.shorten(text));
    }
}
