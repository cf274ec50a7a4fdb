package org.yellowfit.core.fit;

import java.util.Optional;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Sex;
import org.yellowfit.core.plant.Traits;

/** Berries need a partner (rule F6). Said of plants that have a partner group only. */
final class PartnerRule implements Rule {

    @Override
    public CriterionName name() {
        return CriterionName.PARTNER;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        boolean[] asked = new AskedFor(q.wants()).fruit(plants);
        return Optional.of(new PartnerJudge(plants, q.site().practice(), asked));
    }

    private record PartnerJudge(Catalogue plants, Practice practice, boolean[] asked) implements Judge {

        @Override
        public void judge(int i, Ruling into) {
            if (!plants.needsPartner[i] || !asked[i]) {
                into.set(Outcome.NOT_ABOUT_IT);
                return;
            }
            Cultivar plant = plants.plants[i];
            Optional<Sex> sex = plant.get(Traits.SEX);
            if (sex.isEmpty()) {
                into.set(Outcome.UNKNOWN);
            } else {
                boolean near = practice.partners()
                        .contains(plant.get(Traits.PARTNER_GROUP).orElse(""));
                into.set(sex.get() == Sex.FEMALE && !near ? Outcome.NO_PARTNER_NEAR : Outcome.FRUITS);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("partner.site");
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            Sex sex = plant.get(Traits.SEX).orElseThrow();
            String group = plant.get(Traits.PARTNER_GROUP).orElseThrow();
            boolean alone = ruling.is(Outcome.NO_PARTNER_NEAR);
            Finding said = Finding.of(
                    ruling,
                    Fact.of("value", sex),
                    Fact.of("partner." + Words.of(sex), group),
                    Strip.reaching(alone ? Strip.Reach.JUST_SHORT : Strip.Reach.OVER));
            return alone ? said.with(maleNear(group)) : said;
        }

        private static Remedy maleNear(String group) {
            return Remedy.of(
                    Remedy.Action.PARTNER,
                    site -> site.withPractice(practice -> practice.withPartner(group)),
                    "partner",
                    group);
        }
    }
}
