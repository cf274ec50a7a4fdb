package org.yellowfit.core;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Tabled;
import org.yellowfit.core.measure.Words;

/** The tables of numbers as docs/rules.md prints them. */
public final class NumberTables {

    private NumberTables() {}

    public static String of(Tabled... numbers) {
        return Arrays.stream(numbers)
                .map(NumberTables::row)
                .collect(Collectors.joining("\n", "| number | value | unit | where from |\n|---|---|---|---|\n", ""));
    }

    private static String row(Tabled number) {
        return "| %s | %s | %s | %s |"
                .formatted(
                        Words.of((Enum<?>) number).replace('-', ' '),
                        Numbers.rounded(number.value(), 3),
                        number.line().unit(),
                        number.line().source());
    }
}
