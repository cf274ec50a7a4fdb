package org.yellowfit.app.takeaway;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Pressure;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.soil.Moisture;

/** The place as it was described, in sentences; what is unknown is not mentioned. */
final class SiteSentences {

    private SiteSentences() {}

    static List<String> of(Question question, UnitSystem units) {
        SiteConditions site = question.site();
        List<String> told = new ArrayList<>();
        if (site.winter().zone() != null) {
            told.add("Winters of zone %s, down to %s in a usual year."
                    .formatted(
                            site.winter().zone().label(),
                            units.temperature(site.winter().zone().lowestCelsius())));
        }
        if (site.light().sunHours() != null) {
            told.add("%s hours of direct sun a day: %s."
                    .formatted(
                            Numbers.rounded(site.light().sunHours(), 1),
                            Sentences.label(LightClass.ofHours(site.light().sunHours()))));
        }
        if (site.soil().texture() != null
                || site.soil().drainage() != null
                || site.soil().ph() != null) {
            told.add(soil(site));
        }
        if (site.soil().moisture() != null) {
            told.add("The ground is " + Sentences.label(Moisture.of(site.soil().moisture())) + ".");
        }
        if (site.room().depthM() != null || site.room().lengthM() != null) {
            told.add("Room: "
                    + (site.room().lengthM() == null
                            ? ""
                            : units.length(site.room().lengthM()) + " long")
                    + (site.room().lengthM() != null && site.room().depthM() != null ? ", " : "")
                    + (site.room().depthM() == null
                            ? ""
                            : units.length(site.room().depthM()) + " deep") + ".");
        }
        if (site.room().maxHeightM() != null) {
            told.add("Nothing above " + units.length(site.room().maxHeightM()) + ".");
        }
        addCompany(site, told);
        return told;
    }

    private static String soil(SiteConditions site) {
        List<String> parts = new ArrayList<>();
        if (site.soil().texture() != null) {
            parts.add(site.soil().texture().words());
        }
        if (site.soil().drainage() != null) {
            parts.add(Words.of(site.soil().drainage()) + " drainage");
        }
        if (site.soil().ph() != null) {
            parts.add("pH " + Numbers.rounded(site.soil().ph(), 1));
        }
        return "Soil: " + String.join(", ", parts) + ".";
    }

    private static void addCompany(SiteConditions site, List<String> told) {
        if (Boolean.TRUE.equals(site.surroundings().children())
                || Boolean.TRUE.equals(site.surroundings().pets())) {
            told.add((Boolean.TRUE.equals(site.surroundings().children()) ? "Children" : "Pets")
                    + (Boolean.TRUE.equals(site.surroundings().children())
                                    && Boolean.TRUE.equals(site.surroundings().pets())
                            ? " and pets"
                            : "")
                    + " come here.");
        }
        if (site.surroundings().deer() != null && site.surroundings().deer() != Pressure.NONE) {
            told.add("Deer: " + Words.of(site.surroundings().deer()) + ".");
        }
        if (site.surroundings().exposure() != null
                && !site.surroundings().exposure().isEmpty()) {
            told.add("Exposed to "
                    + Words.list(site.surroundings().exposure())
                            .replace("juglone", "walnut roots")
                            .replace("pollution", "city air")
                    + ".");
        }
    }
}
