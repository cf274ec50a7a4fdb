package org.yellowfit.core.serve;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.CutStem;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.season.BloomSpell;

/** Jobs of the flowers in their months (rule L2): scent, stems to cut, food for animals. */
final class Senses {

    private Senses() {}

    /** What is asked for in some months, or whenever. */
    private abstract static class InMonths extends JobMeasure {
        final PlantColumns c;
        final PlantColumns.Thirds thirds;
        final int months;
        private final UsePlace place;
        private final long openAsked;

        InMonths(PlantColumns c, String want, List<Integer> months, UsePlace place, Importance importance, Fact asked) {
            super(want, importance, asked);
            this.c = c;
            this.place = place;
            thirds = c.thirds(place.zone());
            this.months = place.northern(months);
            openAsked = PlantColumns.thirdsOf(this.months);
        }

        long open(int i) {
            long all = thirds.of(i);
            return months == 0 || all < 0 ? all : all & openAsked;
        }

        double weeks(int i) {
            return place.weeks(c.annual[i], BloomSpell.weeksOf(Math.max(0, open(i))));
        }

        /** 0 out of the months asked for, rising with the weeks in them; unknown blooms are a half. */
        double inTime(int i, double plenty) {
            if (open(i) < 0) {
                return months == 0 ? 1 : 0.5;
            }
            double asked = months == 0 ? plenty : Math.min(plenty, Integer.bitCount(months) * Seasons.WEEKS_PER_MONTH);
            return weeks(i) == 0 ? 0 : 0.6 + 0.4 * Math.min(1, weeks(i) / asked);
        }
    }

    static final class Scent extends InMonths {
        private final JobFields.ScentOf of;

        Scent(
                PlantColumns c,
                String want,
                JobFields.ScentOf of,
                List<Integer> months,
                UsePlace place,
                Importance importance) {
            super(c, want, months, place, importance, Fact.of("job.scent", of));
            this.of = of;
        }

        @Override
        double met(int i) {
            Optional<List<Fragrance>> known = c.plants[i].get(Traits.FRAGRANCE);
            if (known.isEmpty()) {
                return Double.NaN;
            }
            double flower = known.get().contains(Fragrance.FLOWER) ? strength(i) * inTime(i, 4) : 0;
            double leaf = known.get().contains(Fragrance.LEAF) ? strength(i) : 0;
            return switch (of) {
                case FLOWER -> flower;
                case LEAF -> leaf;
                case EITHER -> Math.max(flower, leaf);
            };
        }

        private double strength(int i) {
            return switch (c.grade(i, Merit.SCENT)) {
                case MeritGrade.MOST -> 1;
                case 2 -> 0.85;
                default -> 0.6;
            };
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            Because because = new Because();
            List<Fragrance> known = plant.get(Traits.FRAGRANCE).orElse(List.of());
            boolean flower = known.contains(Fragrance.FLOWER) && of != JobFields.ScentOf.LEAF;
            boolean leaf = known.contains(Fragrance.LEAF) && of != JobFields.ScentOf.FLOWER;
            if (flower && weeks(i) > 0) {
                because.say("scent.flower", Math.round(weeks(i)), c.grade(i, Merit.SCENT));
            } else if (flower) {
                because.say("scent.other-months");
            }
            because.sayIf(leaf, "scent.leaf");
            boolean wrong = !flower && !leaf && known.contains(Fragrance.LEAF);
            return because.sayIf(wrong, "scent.leaf-only")
                    .sayIf(!flower && !leaf && !wrong, "scent.none")
                    .fact();
        }
    }

    static final class Cut extends InMonths {

        /** Nobody cuts a longer stem for a vase, m. */
        private static final double LONG_STEM_M = 1;

        Cut(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(c, job.kind().word(), job.get(JobFields.MONTHS, List.of()), place, importance, Fact.of("job.cut"));
        }

        @Override
        double met(int i) {
            Optional<List<CutStem>> known = c.plants[i].get(Traits.CUT);
            if (known.isEmpty()) {
                return Double.NaN;
            }
            if (known.get().contains(CutStem.NONE) || known.get().isEmpty()) {
                return 0;
            }
            double grade = 0.7 + 0.3 * Math.max(c.grade(i, Merit.FLOWER), c.grade(i, Merit.STEM)) / MeritGrade.MOST;
            return grade * stems(c.plants[i]) * inTime(i, 5);
        }

        /** What is cut and comes again; a shrub gives branches, and minds. */
        private static double stems(Cultivar plant) {
            return switch (plant.kind()) {
                case PERENNIAL, ANNUAL, BULB -> 1;
                case SHRUB, FERN -> 0.9;
                case GRASS -> 0.85;
                default -> 0.7;
            };
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            List<CutStem> known = plant.get(Traits.CUT).orElse(List.of());
            if (known.contains(CutStem.NONE)) {
                return new Because().say("cut.none").fact();
            }
            double stems = plant.get(Traits.FLOWER_HEIGHT)
                    .map(height -> height.mid())
                    .orElse(plant.height10().mid());
            return new Because()
                    .say("cut", Fact.of("all-of", List.copyOf(known)))
                    .say(
                            stems > LONG_STEM_M ? "cut.weeks.long" : "cut.weeks",
                            Math.round(weeks(i)),
                            Amount.metres(Math.min(LONG_STEM_M, stems)))
                    .fact();
        }
    }

    static final class Feeding extends InMonths {
        private static final List<Wildlife> ALL =
                List.of(Wildlife.BEES, Wildlife.BUTTERFLIES, Wildlife.BIRDS, Wildlife.HUMMINGBIRDS);

        private final List<Wildlife> kinds;
        private final int wanted;
        private final boolean any;

        Feeding(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(
                    c,
                    job.kind().word(),
                    job.get(JobFields.MONTHS, List.of()),
                    place,
                    importance,
                    Fact.of("job.wildlife", kinds(job)));
            kinds = kinds(job);
            wanted = PlantColumns.bits(kinds);
            any = job.get(JobFields.FEEDS) == null;
        }

        private static List<Wildlife> kinds(Job job) {
            List<Wildlife> said = job.get(JobFields.FEEDS, List.of());
            return said.isEmpty() ? ALL : said;
        }

        @Override
        double met(int i) {
            int known = c.wildlife[i];
            if (known < 0) {
                return Double.NaN;
            }
            int fed = Integer.bitCount(known & wanted);
            double share = any ? Math.min(1, 0.5 + 0.25 * fed) : (double) fed / kinds.size();
            boolean byFlowers = (known & wanted & ~PlantColumns.bit(Wildlife.BIRDS)) != 0;
            return fed == 0 ? 0 : share * (byFlowers ? inTime(i, 5) : 1);
        }

        @Override
        Fact why(int i) {
            List<Wildlife> known = c.plants[i].get(Traits.WILDLIFE).orElse(List.of());
            List<Wildlife> fed = kinds.stream().filter(known::contains).toList();
            return fed.isEmpty()
                    ? new Because().say("feeds.none").fact()
                    : new Because()
                            .say("feeds", fed)
                            .sayIf(weeks(i) > 0, "weeks-in-flower", Math.round(weeks(i)))
                            .sayIf(weeks(i) == 0 && open(i) == 0, "feeds.other-months")
                            .fact();
        }
    }
}
