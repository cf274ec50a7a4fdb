package org.yellowfit.core.fit;

import java.util.Comparator;
import java.util.List;

/** The rules of the fit. A new criterion stands here, in {@link CriterionName} and in {@link Outcome}. */
final class Rules {

    /** In the order in which they are told. */
    static final List<Rule> ALL = List.of(
            new HardinessRule(),
            new HeatRule(),
            SunRule.toLive(),
            SunRule.toFlower(),
            SunRule.toHoldColour(),
            new HotSunRule(),
            new TextureRule(),
            new DrainageRule(),
            new MoistureRule(),
            new PhRule(),
            SpaceRule.height(),
            SpaceRule.spread(),
            BrowserRule.deer(),
            BrowserRule.rabbits(),
            new HazardRule(),
            new ExposureRule(),
            new PartnerRule(),
            new WantsRule());

    /** In the order of the quick pass. */
    static final List<Rule> BY_TURN = ALL.stream()
            .sorted(Comparator.comparingInt(rule -> rule.name().turn()))
            .toList();

    private Rules() {}
}
