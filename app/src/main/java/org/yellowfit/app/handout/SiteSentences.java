package org.yellowfit.app.handout;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.fit.Pressure;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.soil.Moisture;

/** The place as it was described, in sentences; what is unknown is not mentioned. */
final class SiteSentences {

    private SiteSentences() {}

    static List<String> of(Question question) {
        SiteConditions site = question.site();
        List<String> told = new ArrayList<>();
        if (site.zone() != null) {
            told.add("Winters of zone %s, down to %s in a usual year."
                    .formatted(
                            site.zone().label(),
                            question.units().temperature(site.zone().lowestCelsius())));
        }
        if (site.sunHours() != null) {
            told.add("%s hours of direct sun a day: %s."
                    .formatted(
                            Numbers.rounded(site.sunHours(), 1),
                            LightClass.ofHours(site.sunHours()).words()));
        }
        if (site.texture() != null || site.drainage() != null || site.ph() != null) {
            told.add(soil(site));
        }
        if (site.moisture() != null) {
            told.add("The ground is " + Moisture.words(site.moisture()) + ".");
        }
        if (site.depthM() != null || site.lengthM() != null) {
            told.add("Room: " + (site.lengthM() == null ? "" : question.length(site.lengthM()) + " long")
                    + (site.lengthM() != null && site.depthM() != null ? ", " : "")
                    + (site.depthM() == null ? "" : question.length(site.depthM()) + " deep") + ".");
        }
        if (site.maxHeightM() != null) {
            told.add("Nothing above " + question.length(site.maxHeightM()) + ".");
        }
        addCompany(site, told);
        return told;
    }

    private static String soil(SiteConditions site) {
        List<String> parts = new ArrayList<>();
        if (site.texture() != null) {
            parts.add(site.texture().words());
        }
        if (site.drainage() != null) {
            parts.add(Words.of(site.drainage()) + " drainage");
        }
        if (site.ph() != null) {
            parts.add("pH " + Numbers.rounded(site.ph(), 1));
        }
        return "Soil: " + String.join(", ", parts) + ".";
    }

    private static void addCompany(SiteConditions site, List<String> told) {
        if (Boolean.TRUE.equals(site.children()) || Boolean.TRUE.equals(site.pets())) {
            told.add((Boolean.TRUE.equals(site.children()) ? "Children" : "Pets")
                    + (Boolean.TRUE.equals(site.children()) && Boolean.TRUE.equals(site.pets()) ? " and pets" : "")
                    + " come here.");
        }
        if (site.deer() != null && site.deer() != Pressure.NONE) {
            told.add("Deer: " + Words.of(site.deer()) + ".");
        }
        if (site.exposure() != null && !site.exposure().isEmpty()) {
            told.add("Exposed to "
                    + Words.list(site.exposure())
                            .replace("juglone", "walnut roots")
                            .replace("pollution", "city air") + ".");
        }
    }
}
