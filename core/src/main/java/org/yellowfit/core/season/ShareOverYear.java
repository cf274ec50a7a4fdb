package org.yellowfit.core.season;

/**
 * A share that changes through the year along straight lines between given days; before the first and after the last it
 * rests.
 */
final class ShareOverYear {

    private final double[] days;
    private final double[] shares;

    private ShareOverYear(double[] days, double[] shares) {
        this.days = days;
        this.shares = shares;
    }

    /** @param points day, share, day, share …, the days rising */
    static ShareOverYear of(double... points) {
        double[] days = new double[points.length / 2];
        double[] shares = new double[points.length / 2];
        for (int i = 0; i < days.length; i++) {
            days[i] = points[2 * i];
            shares[i] = points[2 * i + 1];
        }
        return new ShareOverYear(days, shares);
    }

    double on(double day) {
        if (day <= days[0]) {
            return shares[0];
        }
        for (int i = 1; i < days.length; i++) {
            if (day <= days[i]) {
                return shares[i - 1] + (shares[i] - shares[i - 1]) * (day - days[i - 1]) / (days[i] - days[i - 1]);
            }
        }
        return shares[shares.length - 1];
    }
}
