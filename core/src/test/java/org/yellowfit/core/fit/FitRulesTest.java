package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.core.fit.CriterionName.HARDINESS;
import static org.yellowfit.core.fit.CriterionName.HAZARDS;
import static org.yellowfit.core.fit.CriterionName.HEIGHT;
import static org.yellowfit.core.fit.CriterionName.HOT_SUN;
import static org.yellowfit.core.fit.CriterionName.MOISTURE;
import static org.yellowfit.core.fit.CriterionName.SPREAD;
import static org.yellowfit.core.fit.CriterionName.SUN_COLOUR;
import static org.yellowfit.core.fit.CriterionName.SUN_FLOWER;
import static org.yellowfit.core.fit.CriterionName.SUN_LIVE;
import static org.yellowfit.core.fit.CriterionName.WANTS;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.fit.Remedy.Action;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;

/** The rules of the fit, as tables. Verdicts follow docs/rules.md; the numbers are worked by hand from the rules. */
class FitRulesTest {

    @ParameterizedTest(name = "{0} at {1}, {2}: {3}")
    @CsvSource({
        // A2: hardy when the plant's coldest half-zone is no warmer than the place's
        "zone_min=5a, zone=6b, STANDARD, FITS",
        "zone_min=6b, zone=6b, STANDARD, FITS",
        "zone_min=6, zone=6, STANDARD, FITS",
        // A4: short by one half-zone, or two when bold
        "zone_min=7a, zone=6b, STANDARD, FITS_IF",
        "zone_min=7a, zone=6b, CAUTIOUS, NO",
        "zone_min=7b, zone=6b, STANDARD, NO",
        "zone_min=7b, zone=6b, BOLD, FITS_IF",
        "zone_min=8a, zone=6b, BOLD, NO",
        // A3: shelter, frost pocket, wind on evergreens
        "zone_min=7a, zone=6b sheltered=yes, STANDARD, FITS",
        "zone_min=6b, zone=6b frostPocket=yes, STANDARD, FITS_IF",
        "zone_min=6b persistence=evergreen, zone=6b exposure=wind, STANDARD, FITS_IF",
        "zone_min=6b, zone=6b exposure=wind, STANDARD, FITS",
        // A3: pots: two zones colder when cautious, one and a half as a standard, hardy in the ground when bold
        "zone_min=4b, zone=6b container=yes, CAUTIOUS, FITS",
        "zone_min=5a, zone=6b container=yes, CAUTIOUS, NO",
        "zone_min=5a, zone=6b container=yes, STANDARD, FITS",
        "zone_min=5b, zone=6b container=yes, STANDARD, NO",
        "zone_min=6a, zone=6b container=yes, STANDARD, NO",
        "zone_min=6b, zone=6b container=yes, BOLD, FITS_IF",
        "zone_min=5a, zone=6b container=yes, BOLD, FITS",
        // A5: a season's show where it does not live
        "zone_min=9a first_season=yes, zone=6b, STANDARD, FITS_IF",
        "zone_min=9a first_season=no, zone=6b, STANDARD, NO",
        "zone_min=10a kind=annual persistence=annual zone_max=11, zone=6b, STANDARD, FITS_IF",
        // A1: a lowest temperature stands for the zone: −19 °C is 6b
        "zone_min=6b, minTempC=-19, STANDARD, FITS",
        "zone_min=7a, minTempC=-19, CAUTIOUS, NO"
    })
    void hardiness(String plant, String site, Policy policy, Verdict verdict) {
        Advice.on(Plants.plant(plant), site, "", policy).says(HARDINESS, verdict);
    }

    @Test
    void anAnnualIsToldByItsWeeksOfShow() {
        Cultivar plant = Plants.plant("zone_min=9a first_season=yes");
        Advice.on(plant, "zone=6b plantingDate=2026-05-10 firstFrost=2026-10-12")
                .says(HARDINESS, Verdict.FITS_IF)
                .byRule(HARDINESS, "A5")
                .remediedBy(HARDINESS, Action.ANNUAL)
                .because(HARDINESS, "hardiness.weeks(22)");
        Advice.on(plant, "zone=6b plantingDate=2026-09-01 firstFrost=2026-10-12")
                .says(HARDINESS, Verdict.NO);
        Advice.on(plant, "zone=6b plantingDate=2026-09-01 firstFrost=2026-10-12", "", Policy.BOLD)
                .says(HARDINESS, Verdict.FITS_IF);
    }

    @Test
    void aPlantHalfAZoneTooTenderIsShelteredAndToldSo() {
        Advice.on(Plants.plant("zone_min=7a"), "zone=6b")
                .says(HARDINESS, Verdict.FITS_IF)
                .byRule(HARDINESS, "A4")
                .remediedBy(HARDINESS, Action.SHELTER)
                .because(HARDINESS, "7a", "6b", "half-zone")
                .isLimitedBy(HARDINESS)
                .concludes(Verdict.FITS_IF);
    }

    @ParameterizedTest(name = "{0} at {1}: {2} {3}")
    @CsvSource({
        "HEAT, zone_max=8b, zone=8b, FITS",
        "HEAT, zone_max=8b, zone=9a, FITS_IF",
        "HEAT, zone_max=8b, zone=9b, NO",
        "HEAT, zone_max=8, zone=8b, FITS",
        "SUN_LIVE, sun_live_h=4, sunHours=4, FITS",
        "SUN_LIVE, sun_live_h=4, sunHours=3.9, FITS_IF",
        "SUN_LIVE, sun_live_h=4, sunHours=3.5, FITS_IF",
        "SUN_LIVE, sun_live_h=4, sunHours=3.4, NO",
        "SUN_FLOWER, sun_flower_h=4, sunHours=3.2, FITS_IF",
        "SUN_FLOWER, sun_flower_h=4, sunHours=4, FITS",
        "SUN_COLOUR, sun_colour_h=5 leaf_summer=gold#d9b43a, sunHours=4.5, FITS",
        "SUN_COLOUR, sun_colour_h=5 leaf_summer=gold#d9b43a, sunHours=4.4, FITS_IF",
        "SUN_COLOUR, sun_colour_h=5 leaf_summer=gold#d9b43a, sunHours=6, FITS",
        "HOT_SUN, sun_max_h=6, sunHours=6, FITS",
        "HOT_SUN, sun_max_h=6, sunHours=6.8, FITS_IF",
        "HOT_SUN, sun_max_h=6, sunHours=9, NO",
        "HOT_SUN, hot_sun_max_h=1.5, sunHours=6 hotHours=2 hotSummer=no, FITS",
        "HOT_SUN, hot_sun_max_h=1.5, sunHours=6 hotHours=2 hotSummer=yes, FITS_IF",
        "HOT_SUN, hot_sun_max_h=2, sunHours=6 hotHours=2 reflectedHeat=yes, FITS_IF",
        "HOT_SUN, hot_sun_max_h=3, sunHours=6 hotHours=2 reflectedHeat=yes, FITS",
        "TEXTURE, texture=loam, texture=clay+loam, FITS",
        "TEXTURE, texture=loam, texture=clay, FITS_IF",
        "TEXTURE, texture=sand, texture=clay, NO",
        "TEXTURE, texture=clay, texture=loamy+sand, NO",
        "TEXTURE, texture=sand, texture=sandy+loam, FITS",
        "DRAINAGE, drainage=good|fast, drainage=good, FITS",
        "DRAINAGE, drainage=good, drainage=slow, FITS_IF",
        "DRAINAGE, drainage=fast, drainage=slow, NO",
        "DRAINAGE, drainage=poor, drainage=slow, FITS_IF",
        "MOISTURE, moisture=2..4, moisture=3, FITS",
        "MOISTURE, moisture=3..5, moisture=2, FITS_IF",
        "MOISTURE, moisture=3..5, moisture=1, NO",
        "MOISTURE, moisture=1..2, moisture=4, NO",
        "PH, ph=5.5..6.5, ph=6.5, FITS",
        "PH, ph=5.5..6.5, ph=6.9, FITS_IF",
        "PH, ph=5.5..6.5, ph=7.5, NO",
        "PH, ph=6..7, ph=5.2, NO",
        "DEER, deer=favourite, deer=none, FITS",
        "DEER, deer=sometimes, deer=some, FITS",
        "DEER, deer=favourite, deer=some, FITS_IF",
        "DEER, deer=sometimes, deer=heavy, FITS_IF",
        "DEER, deer=favourite, deer=heavy, NO",
        "RABBITS, rabbit=favourite, rabbits=heavy, NO",
        "HAZARDS, hazards=thorns, children=yes, FITS_IF",
        "HAZARDS, hazards=thorns, children=yes strictlyNoHazards=yes, NO",
        "HAZARDS, hazards=thorns, pets=yes, FITS",
        "HAZARDS, hazards=toxic-pets, pets=yes, FITS_IF",
        "HAZARDS, hazards=toxic-people, children=no pets=no, FITS",
        "HAZARDS, hazards=none, children=yes strictlyNoHazards=yes, FITS",
        "EXPOSURE, stands=salt|wind, exposure=salt|wind, FITS",
        "EXPOSURE, stands=wind dislikes=salt, exposure=salt, NO",
        "EXPOSURE, stands=wind, exposure=salt, FITS_IF",
        "EXPOSURE, dislikes=juglone stands=, exposure=juglone, NO",
        "EXPOSURE, dislikes=wind stands=, exposure=wind, FITS_IF",
        "PARTNER, partner_group=holly sex=female, zone=6b, FITS_IF",
        "PARTNER, partner_group=holly sex=male, zone=6b, FITS",
        // What the catalogue does not say is shown as unknown, never as a pass
        "PH, ph=, ph=6.5, UNKNOWN",
        "SUN_LIVE, sun_live_h=, sunHours=5, UNKNOWN",
        "HEAT, zone_max=, zone=6b, UNKNOWN",
        "DEER, deer=, deer=some, UNKNOWN",
        "HAZARDS, hazards=, children=yes, UNKNOWN",
        "EXPOSURE, stands=, exposure=wind, UNKNOWN",
        "TEXTURE, texture=, texture=loam, UNKNOWN",
        "MOISTURE, moisture=, moisture=3, UNKNOWN",
        "HOT_SUN, sun_max_h=, sunHours=5, UNKNOWN",
        "PARTNER, partner_group=holly sex=, zone=6b, UNKNOWN"
    })
    void criteria(CriterionName criterion, String plant, String site, Verdict verdict) {
        Advice.on(Plants.plant(plant), site).says(criterion, verdict);
    }

    @ParameterizedTest(name = "{0} {1} at {2}, {3}: {4}")
    @CsvSource({
        "HEIGHT, height10_m=0.9, maxHeightM=0.9, STANDARD, FITS",
        "HEIGHT, height10_m=0.8..1, maxHeightM=0.9, STANDARD, FITS_IF",
        "HEIGHT, height10_m=0.8..1, maxHeightM=0.9, CAUTIOUS, NO",
        "HEIGHT, height10_m=0.8..1, maxHeightM=0.9, BOLD, FITS",
        "HEIGHT, height10_m=1.2, maxHeightM=0.9, STANDARD, NO",
        "HEIGHT, height10_m=1.2 hard_prune=yes, maxHeightM=0.9, STANDARD, FITS_IF",
        // D3: cutting would take the flowers of old wood; the cautious never plan on cutting; a third is the most to
        // cut
        "HEIGHT, height10_m=1.2 hard_prune=yes flower_wood=old, maxHeightM=0.9, STANDARD, NO",
        "HEIGHT, height10_m=1.2 hard_prune=yes, maxHeightM=0.9, CAUTIOUS, NO",
        "HEIGHT, height10_m=1.5 hard_prune=yes, maxHeightM=0.9, STANDARD, NO",
        // D2: the height in flower counts for sight lines
        "HEIGHT, height10_m=0.5 flower_height_m=1.5 persistence=herbaceous, maxHeightM=0.9, STANDARD, NO",
        // D4: width against what is left of the depth
        "SPREAD, spread10_m=0.7, depthM=0.7, STANDARD, FITS",
        "SPREAD, spread10_m=0.7, depthM=1 wallClearanceM=0.3 pathClearanceM=0.1, STANDARD, NO",
        "SPREAD, spread10_m=0.6..0.9, depthM=0.8, STANDARD, FITS_IF",
        // D1: younger is smaller
        "HEIGHT, height10_m=2 height_max_m=3, maxHeightM=1.5 horizonYears=5, STANDARD, FITS",
        "HEIGHT, height10_m=2 height_max_m=3, maxHeightM=1.5, STANDARD, NO"
    })
    void room(CriterionName criterion, String plant, String site, Policy policy, Verdict verdict) {
        Advice.on(Plants.plant(plant), site, "", policy).says(criterion, verdict);
    }

    @Test
    void whatOutgrowsItsRoomIsToldByHowMuchAndWhen() {
        Advice.on(Plants.plant("height10_m=1.2"), "maxHeightM=0.9")
                .because(HEIGHT, "1.2 metres", "0.9 metres", "0.3 metres", "room.year(6)");
        Advice.on(Plants.plant("spread10_m=1.2 hard_prune=yes"), "depthM=1").remediedBy(SPREAD, Action.PRUNE_SIZE);
    }

    @Test
    void sentencesCarryBothNumbers() {
        Advice.on(Plants.plant("sun_live_h=2 sun_flower_h=4"), "sunHours=3.2")
                .because(SUN_FLOWER, "sun-flower.short(3.2 hours, 4 hours)")
                .because(SUN_LIVE, "sun-live.fits(3.2 hours, 2 hours)");
        Advice.on(Plants.plant("hot_sun_max_h=2"), "sunHours=5 hotHours=2 reflectedHeat=yes")
                .because(HOT_SUN, "hot-sun.wall.over(2 hours, 1.3");
    }

    @Test
    void survivingDryAndLookingGoodDryAreKeptApart() {
        Advice.on(Plants.plant("moisture=2..4 drought=yes looks_good_from=2.5"), "moisture=1")
                .says(MOISTURE, Verdict.FITS_IF)
                .byRule(MOISTURE, "C7")
                .because(MOISTURE, "moisture.survives(", "2.5 steps, BARELY_MOIST)")
                .remediedBy(MOISTURE, Action.WATER);
        // It looks no better dry than it stands: the range it takes is not contradicted.
        Advice.on(Plants.plant("moisture=2.5..4 drought=yes looks_good_from=2"), "moisture=2")
                .because(MOISTURE, "moisture.survives(", "2.5 steps, BARELY_MOIST)");
    }

    /** C3: a plant that takes up to 3.5 is not told to take what is damp, which the ground at 4 is. */
    @ParameterizedTest(name = "{0} on ground of moisture {1}: {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "moisture=2..3.5;   4; RATHER_DRY, SLIGHTLY_DAMP",
                "moisture=1.5..4.5; 5; MOSTLY_DRY, VERY_DAMP",
                "moisture=2.5..4;   2; BARELY_MOIST, DAMP"
            })
    void theEndsOfARangeHaveTheirOwnWords(String plant, String moisture, String words) {
        Advice.on(Plants.plant(plant), "moisture=" + moisture).because(MOISTURE, words);
    }

    /** C5: organic matter where water runs through, grit where it stands, whatever the loam between is called. */
    @ParameterizedTest(name = "{0} where it grows in {1} only: {2}")
    @CsvSource({
        "sand,            clay, ''",
        "sand,            loam, remedy.amend.sand",
        "loamy sand,      loam, remedy.amend.sand",
        "sandy loam,      clay, remedy.amend.hold",
        "loam,            clay, remedy.amend.hold",
        "loam,            sand, remedy.amend.grit",
        "silt loam,       sand, remedy.amend.grit",
        "sandy clay loam, sand, remedy.amend.grit",
        "clay loam,       sand, remedy.amend.grit",
        "silty clay loam, sand, remedy.amend.grit",
        "sandy clay,      loam, remedy.amend.clay",
        "silty clay,      loam, remedy.amend.clay",
        "clay,            loam, remedy.amend.clay",
        "clay,            sand, ''"
    })
    void soilIsWorkedWithWhatItLacks(String soil, String takes, String remedy) {
        Question place = Advice.question("texture=" + soil.replace(' ', '+'), "", Policy.STANDARD);
        Judgement texture = Advice.ask(Plants.plant("texture=" + takes), place)
                .judgement(CriterionName.TEXTURE)
                .orElseThrow();
        assertThat(texture.remedies().stream()
                        .flatMap(each -> each.text().stream())
                        .map(Fact::key)
                        .filter(key -> key.startsWith("remedy.amend")))
                .containsExactlyElementsOf(remedy.isEmpty() ? List.of() : List.of(remedy));
    }

    /** A5: an annual is never told by its tenth year, nor by the year in which it is outgrown. */
    @Test
    void anAnnualIsToldByItsSeason() {
        Cultivar zinnia = Plants.plant("kind=annual persistence=annual height10_m=0.8 spread10_m=0.4");
        Advice.on(zinnia, "maxHeightM=0.6").because(HEIGHT, "age.season", "room.never");
        Advice.on(zinnia, "maxHeightM=0.9").because(HEIGHT, "height.fits(0.8 metres, age.season");
        Advice.on(zinnia, "depthM=0.3").because(SPREAD, "age.season", "room.never");
    }

    /** The year a room is outgrown in is told for the light there is: what usually stays within does so at the horizon. */
    @Test
    void theYearItIsOutgrownGoesByTheLight() {
        Cultivar shrub = Plants.plant("height10_m=1..1.4 height_max_m=1.6..2 sun_flower_h=6");
        Advice.on(shrub, "maxHeightM=1.1").because(HEIGHT, "height.over(", "room.year(9)");
        Advice.on(shrub, "maxHeightM=1.1 sunHours=3").because(HEIGHT, "height.may(", "room.year.usual(");
    }

    /** A3 and A5: where a pot is what kills it, the pot is named, not the ground. */
    @Test
    void oneSeasonInAPotIsToldByItsRoots() {
        Cultivar sedge = Plants.plant("zone_min=7a first_season=yes");
        Advice.on(sedge, "zone=7a container=yes").because(HARDINESS, "hardiness.pot.first-season(7a, 7a,", "8b)");
        Advice.on(sedge, "zone=6a").because(HARDINESS, "hardiness.first-season(7a, 6a,");
        Advice.on(sedge, "zone=7a frostPocket=yes", "", Policy.CAUTIOUS)
                .because(HARDINESS, "hardiness.first-season(7a, 6b,");
    }

    /** F1: poison to people and to animals is one thing to be told where both come. */
    @Test
    void poisonIsToldOnce() {
        Advice.on(Plants.plant("hazards=thorns|toxic-people|toxic-pets|sap"), "children=yes pets=yes")
                .because(HAZARDS, "hazards.met(all-of([hazard.it.thorns, hazard.it.toxic, hazard.it.sap])");
        Advice.on(Plants.plant("hazards=toxic-pets"), "pets=yes")
                .because(HAZARDS, "hazards.met(all-of([hazard.it.toxic-pets])");
    }

    /** L3: a wish lowers how a plant serves; only a kind, or what is a must, rules one out. */
    @ParameterizedTest
    @CsvSource({
        "kinds=shrub, FITS",
        "kinds=tree, NO",
        "evergreen=yes, FITS",
        "evergreen=yes must=evergreen, NO",
        "colours=blue, FITS",
        "colours=blue must=colours, NO",
        "colours=pink must=colours, FITS",
        "bloomMonths=7 must=bloomMonths, FITS",
        "bloomMonths=2 must=bloomMonths, NO",
        "maxCareMinutes=11, FITS",
        "maxCareMinutes=9 must=maxCareMinutes, NO",
        "fragrance=yes, FITS",
        "fragrance=yes must=fragrance, FITS_IF"
    })
    void wishes(String wants, Verdict verdict) {
        Cultivar plant = Plants.plant("merits=flower:3 flower_colours=pink#e39bb5 bloom=6.1..8.1 bloom_zone=6b"
                + " uses=hedge|mass care_min_year=10");
        Advice.on(plant, "zone=6b", wants, Policy.STANDARD).says(WANTS, verdict);
    }

    @Test
    void bloomIsMovedToTheColderPlaceBeforeItIsAskedFor() {
        Cultivar plant = Plants.plant("flower_colours=pink#e39bb5 bloom=4.1..4.2 bloom_zone=8b");
        String may = "bloomMonths=5 must=bloomMonths";
        Advice.on(plant, "zone=4a", may, Policy.STANDARD).says(WANTS, Verdict.FITS);
        Advice.on(plant, "zone=8b", may, Policy.STANDARD).says(WANTS, Verdict.NO);
    }

    @Test
    void whatIsNotKnownOfThePlaceIsLeftOut() {
        Advice.on(Plants.plant(""), "zone=6b")
                .isSilentOn(SUN_LIVE)
                .isSilentOn(HEIGHT)
                .isSilentOn(WANTS)
                .isSilentOn(HOT_SUN);
    }

    @Test
    void plainGreenLeavesAndFernsHaveNothingToLose() {
        Advice.on(Plants.plant("leaf_summer=green#4f7a3a sun_colour_h="), "sunHours=3")
                .isSilentOn(SUN_COLOUR);
        Advice.on(Plants.plant("leaf_summer=gold#d9b43a sun_colour_h="), "sunHours=3")
                .says(SUN_COLOUR, Verdict.UNKNOWN);
        Advice.on(Plants.plant("kind=fern sun_flower_h="), "sunHours=3").isSilentOn(SUN_FLOWER);
    }

    @Test
    void unknownLightIsToBeFoundOutFirst() {
        Advice.on(Plants.plant("sun_live_h="), "zone=6b sunHours=5")
                .concludes(Verdict.FITS_IF)
                .because(SUN_LIVE, "unknown.sun-live");
    }

    @Test
    void inAPotTheSoilOfThePlaceDoesNotCount() {
        Advice.on(Plants.plant("texture=sand zone_min=3a"), "zone=6b container=yes texture=clay drainage=poor")
                .isSilentOn(CriterionName.TEXTURE)
                .isSilentOn(CriterionName.DRAINAGE);
    }
}
