package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;

import org.yellowfit.core.measure.Refused;

/**
 * From how many hours of direct sun a day on a place counts as full sun, part sun and shade (rule B1). Advisors differ:
 * some call 3 to 6 h part. Words and patches follow them; what a plant needs is told in hours and does not.
 *
 * @param fullFromH  h, above {@code partFromH}
 * @param partFromH  h, above {@code shadeFromH}
 * @param shadeFromH h, above 0; less is deep shade
 */
public record LightCutoffs(double fullFromH, double partFromH, double shadeFromH) {

    public static final LightCutoffs USUAL = new LightCutoffs(
            LightClass.FULL_SUN.fromHours(), LightClass.PART.fromHours(), LightClass.SHADE.fromHours());

    public LightCutoffs {
        between("The hours from which it is full sun", fullFromH, 0, 16, "h");
        between("The hours from which it is part sun", partFromH, 0, 16, "h");
        between("The hours from which it is shade", shadeFromH, 0, 16, "h");
        if (!(fullFromH > partFromH && partFromH > shadeFromH && shadeFromH > 0)) {
            throw new Refused(
                    "Full sun (%s h) must begin above part sun (%s h), and that above shade (%s h), "
                            + "which begins above 0.",
                    fullFromH, partFromH, shadeFromH);
        }
    }

    /** @param hours of direct sun a day, 0 or more */
    public LightClass of(double hours) {
        if (!(hours >= 0)) {
            throw new Refused("Hours of sun (%s) cannot be negative.", hours);
        }
        if (hours >= fullFromH) {
            return LightClass.FULL_SUN;
        }
        if (hours >= partFromH) {
            return LightClass.PART;
        }
        return hours >= shadeFromH ? LightClass.SHADE : LightClass.DEEP_SHADE;
    }
}
