package org.yellowfit.core.soil;

import static org.yellowfit.core.measure.Checks.notNegative;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * What to work into a bed (rule C5), as an estimate to be confirmed by a soil laboratory.
 *
 * <p>Sources: sulfur and limestone by texture and pH step after the tables that US state extension services reprint
 * (sulfur: Western
 * Fertilizer Handbook, California Fertilizer Association; ground limestone: New England and New York extension),
 * rounded and given for
 * the top 15 cm; shares of organic matter and grit are the usual advice and our estimate. docs/rules.md has the
 * figures. Check
 * values: 10 m² of loam from 7.5 to 6.5 over 15 cm take 1.0 kg of sulfur; 10 m² of sandy loam from 5.5 to 6.5, 2.2 kg
 * of limestone.
 *
 * @param organicM3       compost or other moisture-holding organic matter, m³
 * @param gritM3          coarse grit, m³
 * @param mulchM3         of mulch on top, 7 cm (H5), m³
 * @param sulfurKg        elemental sulfur, kg; {@code limeKg} ground limestone, kg
 * @param applications    in how many goes, half a year apart, so that no single one is too strong
 * @param raiseCm         how much higher the crowns are set in heavy clay, cm
 * @param advice          in order of weight
 */
public record Amendment(
        double organicM3,
        double gritM3,
        double mulchM3,
        double sulfurKg,
        double limeKg,
        int applications,
        double raiseCm,
        List<Fact> advice) {
    public Amendment {
        notNegative("The organic matter", organicM3, "m³");
        notNegative("The grit", gritM3, "m³");
        notNegative("The mulch", mulchM3, "m³");
        notNegative("The sulfur", sulfurKg, "kg");
        notNegative("The lime", limeKg, "kg");
        notNegative("The raising", raiseCm, "cm");
    }

    public static final double USUAL_DEPTH_M = 0.2;
    private static final double MULCH_M = 0.07;
    private static final double RATES_FOR_M = 0.15;
    /** The most at one time, g/m²: 2 lb of sulfur and 5 lb of limestone to 100 square feet, the usual limits. */
    private static final double MOST_SULFUR = 98;

    private static final double MOST_LIME = 244;
    private static final double FIGHTING_THE_SOIL = 1.0;
    private static final double MAY_HOLD_LIME = 7.5;
    private static final double WORTH_CHANGING = 0.2;
    private static final double CLAY_RAISE_CM = 10;

    /**
     * @param texture  null: only the pH is looked at, with the rate of loam
     * @param ph       of the soil now; null when not known
     * @param targetPh null: the pH is left
     * @param areaM2   above 0
     * @param depthM   to which it is worked in, 0.05 to 0.6 m
     */
    public static Amendment of(TextureClass texture, Double ph, Double targetPh, double areaM2, double depthM) {
        require(areaM2 > 0 && areaM2 <= 100_000, "The area must be above 0 and at most 100000 m².");
        require(depthM >= 0.05 && depthM <= 0.6, "The depth must lie between 0.05 and 0.6 m.");
        require(inScale(ph) && inScale(targetPh), "The pH must lie between 3 and 10.");
        List<Fact> advice = new ArrayList<>();
        double soilM3 = areaM2 * depthM;
        Body body = body(texture, advice);
        double change = ph == null || targetPh == null ? 0 : withoutDust(targetPh - ph);
        double sulfur = change < -WORTH_CHANGING ? -change * sulfurRate(texture) * depthM / RATES_FOR_M : 0;
        double lime = change > WORTH_CHANGING ? change * limeRate(texture) * depthM / RATES_FOR_M : 0;
        int goes =
                (int) Math.max(1, Math.max(Math.ceil(sulfur / MOST_SULFUR - 1e-9), Math.ceil(lime / MOST_LIME - 1e-9)));
        phAdvice(ph, targetPh, change, goes, advice);
        advice.add(Fact.of("amend.estimates"));
        return new Amendment(
                soilM3 * body.organic(),
                soilM3 * body.grit(),
                areaM2 * MULCH_M,
                sulfur * areaM2 / 1000,
                lime * areaM2 / 1000,
                goes,
                body.raiseCm(),
                List.copyOf(advice));
    }

    /** Shares of the worked depth by volume. */
    private record Body(double organic, double grit, double raiseCm) {}

    private static Body body(TextureClass texture, List<Fact> advice) {
        if (texture == null) {
            return new Body(0, 0, 0);
        }
        advice.add(Fact.of("amend." + Words.of(texture.workability())));
        return switch (texture.workability()) {
            case SAND -> new Body(texture == TextureClass.SAND_CLASS ? 0.5 : 0.4, 0, 0);
            case LIGHT_LOAM -> new Body(0.25, 0, 0);
            case LOAM -> new Body(0, 0, 0);
            case HEAVY_LOAM, CLAY -> new Body(0.25, 0.1, CLAY_RAISE_CM);
        };
    }

    /** 6.5 − 6.7 is −0.2, and not what the halves of a double make of it. */
    private static double withoutDust(double steps) {
        return Math.round(steps * 1e6) / 1e6;
    }

    private static void phAdvice(Double ph, Double targetPh, double change, int goes, List<Fact> advice) {
        if (targetPh == null || ph == null) {
            return;
        }
        if (Math.abs(change) <= WORTH_CHANGING) {
            advice.add(Fact.of("amend.ph-near", Amount.steps(ph), Amount.steps(targetPh)));
            return;
        }
        if (Math.abs(change) > FIGHTING_THE_SOIL) {
            advice.add(Fact.of("amend.fighting", Amount.steps(Math.abs(change))));
        }
        if (change < 0 && ph >= MAY_HOLD_LIME) {
            advice.add(Fact.of("amend.free-lime"));
        }
        advice.add(Fact.of(change < 0 ? "amend.sulfur-slow" : "amend.lime-slow"));
        if (goes > 1) {
            advice.add(Fact.of("amend.goes", goes));
        }
    }

    /** g/m² for each step of 1 pH down, top 15 cm. */
    private static double sulfurRate(TextureClass texture) {
        return byWeight(texture, 50, 100, 130);
    }

    /** g/m² for each step of 1 pH up, top 15 cm. */
    private static double limeRate(TextureClass texture) {
        return byWeight(texture, 220, 370, 490);
    }

    /** The heavier the soil, the more it takes to move its pH. */
    private static double byWeight(TextureClass texture, double light, double loam, double heavy) {
        return switch (texture == null ? Workability.LOAM : texture.workability()) {
            case SAND, LIGHT_LOAM -> light;
            case LOAM -> loam;
            case HEAVY_LOAM, CLAY -> heavy;
        };
    }

    private static boolean inScale(Double ph) {
        return ph == null || ph >= 3 && ph <= 10;
    }

    private static void require(boolean fine, String message) {
        if (!fine) {
            throw new Refused(message);
        }
    }
}
