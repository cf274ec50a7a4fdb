package org.yellowfit.core.fit;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Bloom;
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
        return Optional.of(new PartnerJudge(plants, q.site().upkeep(), asked));
    }

    private record PartnerJudge(Catalogue plants, Upkeep upkeep, boolean[] asked) implements Judge {

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
                boolean near = upkeep.partners()
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
            return alone ? said.with(maleNear(plant, group)) : said;
        }

        private Remedy maleNear(Cultivar female, String group) {
            UnaryOperator<SiteConditions> near = site -> site.withUpkeep(upkeep -> upkeep.withPartner(group));
            return male(female, group)
                    .map(male -> Remedy.of(Remedy.Action.PARTNER, near, "partner.named", group, male.name()))
                    .orElseGet(() -> Remedy.of(Remedy.Action.PARTNER, near, "partner", group));
        }

        /**
         * The first of its group by name that flowers with it; one whose bloom is not known may. Both are noted for
         * like zones.
         */
        private Optional<Cultivar> male(Cultivar female, String group) {
            Optional<Bloom> open = female.get(Traits.BLOOM);
            return IntStream.range(0, plants.size())
                    .filter(i -> plants.needsPartner[i])
                    .mapToObj(i -> plants.plants[i])
                    .filter(other -> !other.id().equals(female.id())
                            && other.get(Traits.PARTNER_GROUP)
                                    .filter(group::equals)
                                    .isPresent()
                            && other.get(Traits.SEX)
                                    .filter(sex -> sex != Sex.FEMALE)
                                    .isPresent())
                    .filter(other -> open.isEmpty()
                            || other.get(Traits.BLOOM).map(open.get()::overlaps).orElse(true))
                    .min(Comparator.comparing(Cultivar::name));
        }
    }
}
