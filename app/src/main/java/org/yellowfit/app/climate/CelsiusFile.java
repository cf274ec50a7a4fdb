package org.yellowfit.app.climate;

import java.time.LocalDate;
import org.yellowfit.core.climate.DailyRecord;
import org.yellowfit.core.measure.Numbers;

/** Writes a daily record as the file that is kept, in °C. */
final class CelsiusFile {

    private CelsiusFile() {}

    static String of(DailyRecord record) {
        StringBuilder out = new StringBuilder("date,tmin,tmax,precip\r\n");
        for (LocalDate day = record.first(); !day.isAfter(record.last()); day = day.plusDays(1)) {
            out.append(day)
                    .append(',')
                    .append(cell(record.lowest(day)))
                    .append(',')
                    .append(cell(record.highest(day)))
                    .append(',')
                    .append(cell(record.rain(day)))
                    .append("\r\n");
        }
        return out.toString();
    }

    private static String cell(double value) {
        return Double.isNaN(value) ? "" : Numbers.rounded(value, 2);
    }
}
