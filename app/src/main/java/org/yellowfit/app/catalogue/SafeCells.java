package org.yellowfit.app.catalogue;

import java.util.regex.Pattern;

/**
 * Cells that a spreadsheet would take for formulas, and run. They are written with an apostrophe before them, which is
 * taken off again when such a file is brought in.
 */
final class SafeCells {

    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r]", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+(\\.\\d+)?");

    private SafeCells() {}

    static String written(String text) {
        return FORMULA.matcher(text).lookingAt() && !NUMBER.matcher(text).matches() ? "'" + text : text;
    }

    static String read(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).lookingAt() ? cell.substring(1) : cell;
    }
}
