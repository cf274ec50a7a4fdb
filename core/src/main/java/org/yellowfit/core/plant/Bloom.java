package org.yellowfit.core.plant;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * A spell of bloom by thirds of a month. A third is counted from 0 (early January) to 35 (late December); a spell may
 * run over
 * the turn of the year.
 *
 * @param startThird the third in which the first flowers open
 * @param endThird   the last third with flowers
 */
public record Bloom(int startThird, int endThird) {

    public static final int THIRDS = 36;
    private static final Pattern TEXT = Pattern.compile("(\\d{1,2})\\.([123])\\.\\.(\\d{1,2})\\.([123])");

    public Bloom {
        if (!(startThird >= 0 && startThird < THIRDS && endThird >= 0 && endThird < THIRDS)) {
            throw new Refused("Bloom is given in thirds of the twelve months.");
        }
    }

    /** Reads {@code 6.2..8.1}: mid June to early August. */
    public static Bloom parse(String text) {
        Matcher m = TEXT.matcher(text.strip());
        if (m.matches() && isMonth(m.group(1)) && isMonth(m.group(3))) {
            return new Bloom(third(m.group(1), m.group(2)), third(m.group(3), m.group(4)));
        }
        throw new Refused(
                "“%s” is not a spell of bloom; write month.third..month.third, like 6.2..8.1 for mid June to early August.",
                Words.shorten(text));
    }

    public String text() {
        return part(startThird) + ".." + part(endThird);
    }

    public int lengthThirds() {
        return Math.floorMod(endThird - startThird, THIRDS) + 1;
    }

    /** Whether it is open in a third of a month, counted from 0 for early January. */
    public boolean isOpenInThird(int third) {
        return Math.floorMod(third - startThird, THIRDS) < lengthThirds();
    }

    /** Whether it is open at some time of a month, 1–12. */
    public boolean isOpenIn(int month) {
        int first = (month - 1) * 3;
        return isOpenInThird(first) || isOpenInThird(first + 1) || isOpenInThird(first + 2);
    }

    /** Whether some third of a month sees both open. */
    public boolean overlaps(Bloom other) {
        return isOpenInThird(other.startThird) || other.isOpenInThird(startThird);
    }

    /** Moved later by so many days (earlier when negative), to the nearest third. */
    public Bloom movedByDays(double days) {
        int thirds = (int) Math.round(days / (365.25 / THIRDS));
        return new Bloom(Math.floorMod(startThird + thirds, THIRDS), Math.floorMod(endThird + thirds, THIRDS));
    }

    private static boolean isMonth(String text) {
        int month = Integer.parseInt(text);
        return month >= 1 && month <= 12;
    }

    private static int third(String month, String third) {
        return (Integer.parseInt(month) - 1) * 3 + Integer.parseInt(third) - 1;
    }

    private static String part(int third) {
        return (third / 3 + 1) + "." + (third % 3 + 1);
    }
}
