package org.yellowfit.core.light;

import java.util.List;
import org.yellowfit.core.measure.Refused;

/**
 * Hours of direct sun a day on every cell of a bed: month by month, and the mean over the months. Columns are by cell
 * of the grid.
 */
public final class LightField {

    private final CellGrid ground;
    private final List<Integer> months;
    private final double[][] morningByMonth;
    private final double[][] afternoonByMonth;
    private final double[][] hotByMonth;
    private final double[] morning;
    private final double[] afternoon;
    private final double[] hot;

    /** Each array holds a column for each of the months, in their order. */
    LightField(
            CellGrid ground,
            List<Integer> months,
            double[][] morningByMonth,
            double[][] afternoonByMonth,
            double[][] hotByMonth) {
        this.ground = ground;
        this.months = List.copyOf(months);
        this.morningByMonth = morningByMonth;
        this.afternoonByMonth = afternoonByMonth;
        this.hotByMonth = hotByMonth;
        this.morning = mean(morningByMonth, ground.size());
        this.afternoon = mean(afternoonByMonth, ground.size());
        this.hot = mean(hotByMonth, ground.size());
    }

    public CellGrid ground() {
        return ground;
    }

    /** 1–12, ascending. */
    public List<Integer> months() {
        return months;
    }

    /** The same field over fewer months. */
    public LightField over(List<Integer> fewer) {
        List<Integer> kept = months.stream().filter(fewer::contains).toList();
        if (kept.isEmpty()) {
            throw new Refused("The field holds none of these months.");
        }
        return new LightField(
                ground, kept, rows(morningByMonth, kept), rows(afternoonByMonth, kept), rows(hotByMonth, kept));
    }

    public double hours(int cell) {
        return morning[cell] + afternoon[cell];
    }

    /** Hours a day in one of the months. */
    public double hours(int month, int cell) {
        int row = months.indexOf(month);
        return morningByMonth[row][cell] + afternoonByMonth[row][cell];
    }

    /** Before solar noon, h. */
    public double morning(int cell) {
        return morning[cell];
    }

    /** After solar noon, h. */
    public double afternoon(int cell) {
        return afternoon[cell];
    }

    /** 1 to 5 h after solar noon, h (B3); no reflection counted. */
    public double hot(int cell) {
        return hot[cell];
    }

    public SunBias bias(int cell) {
        return SunBias.of(morning[cell], afternoon[cell]);
    }

    /** Mean hours over the cells of the bed; 0 for a bed without a cell. */
    public double meanHours() {
        double sum = 0;
        for (int cell = 0; cell < ground.size(); cell++) {
            sum += ground.isInside(cell) ? hours(cell) : 0;
        }
        return ground.count() == 0 ? 0 : sum / ground.count();
    }

    private double[][] rows(double[][] columns, List<Integer> kept) {
        return kept.stream().map(month -> columns[months.indexOf(month)]).toArray(double[][]::new);
    }

    private static double[] mean(double[][] columns, int cells) {
        double[] mean = new double[cells];
        for (double[] column : columns) {
            for (int cell = 0; cell < cells; cell++) {
                mean[cell] += column[cell] / columns.length;
            }
        }
        return mean;
    }
}
