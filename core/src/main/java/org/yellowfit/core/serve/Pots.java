package org.yellowfit.core.serve;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.PotRole;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** A part in a mixed pot (rules L2 and G7): its role, its size for the litres, its weeks of show. */
final class Pots extends JobMeasure {

    /**
     * Litres a plant wants for each m² of its height times its spread in the season; our estimate from trade
     * tables.
     */
    private static final double LITRES_PER_M2 = 22;

    /** May to October. */
    private static final int SEASON = 0b1111110000;
    /** Leaves please less than flowers in a pot looked at for a season; our judgement. */
    private static final double LEAVES = 0.85;

    /** What a pot is looked at for: a shape in the middle, colour about it. */
    private static final Set<Merit> TALL = EnumSet.of(Merit.FLOWER, Merit.LEAF, Merit.FRUIT, Merit.STEM, Merit.FORM);

    private static final Set<Merit> FLOWERS = EnumSet.of(Merit.FLOWER);
    private static final Set<Merit> LOW = EnumSet.of(Merit.FLOWER, Merit.LEAF, Merit.FRUIT);

    private final PlantColumns c;
    private final UsePlace place;
    private final PotRole role;
    private final double litres;
    private final int months;
    private final PlantColumns.Aged aged;

    Pots(PlantColumns c, Job job, UsePlace place, Importance importance) {
        super(job.kind().word(), importance, asked(job, place));
        this.c = c;
        this.place = place;
        role = switch (job.kind()) {
            case POT_TALL -> PotRole.TALL;
            case POT_TRAIL -> PotRole.TRAIL;
            default -> PotRole.MOUND;
        };
        litres = litres(job, place);
        List<Integer> said = job.get(JobFields.MONTHS, List.of());
        months = said.isEmpty() ? SEASON : place.northern(said);
        aged = c.at(3, place);
    }

    private static double litres(Job job, UsePlace place) {
        Double of = job.get(JobFields.LITRES) == null ? place.litres() : job.get(JobFields.LITRES);
        return of == null ? Double.NaN : of;
    }

    private static Fact asked(Job job, UsePlace place) {
        double litres = litres(job, place);
        String key = "job." + job.kind().word();
        return Double.isNaN(litres) ? Fact.of(key) : Fact.of(key + ".litres", Amount.steps(litres));
    }

    @Override
    double met(int i) {
        Cultivar plant = c.plants[i];
        if (plant.get(Traits.POT_OK).isEmpty()) {
            return Double.NaN;
        }
        if (plant.is(Traits.POT_OK, YesNo.NO)) {
            return 0;
        }
        double so = plays(plant);
        return so == 0 ? 0 : so * room(i) * (0.45 + 0.55 * shows(i));
    }

    private double plays(Cultivar plant) {
        Optional<PotRole> own = plant.get(Traits.POT_ROLE);
        if (own.isPresent()) {
            return own.get() == role ? 1 : 0.15;
        }
        return switch (plant.habit()) {
            case COLUMNAR, UPRIGHT, FOUNTAIN, VASE, BAMBOO_LIKE, PYRAMIDAL, STANDARD ->
                role == PotRole.TALL ? 0.6 : 0.1;
            case PROSTRATE, SCRAMBLING, WEEPING -> role == PotRole.TRAIL ? 0.6 : 0.1;
            default -> role == PotRole.MOUND ? 0.6 : 0.1;
        };
    }

    /** Litres it wants in its third year, when what grows on is potted on or planted out. */
    private double wants(int i) {
        return LITRES_PER_M2 * aged.height(i) * aged.spread(i);
    }

    private double room(int i) {
        return Double.isNaN(litres) ? 1 : Math.max(0.1, falling(wants(i) / litres, 1, 4));
    }

    /** Its show in the season, the whole of it counting as much as a good plant that shows half of it. */
    private double shows(int i) {
        double leaves = LEAVES * c.show(i, months, role == PotRole.TALL ? TALL : LOW);
        return Math.min(1, 1.15 * Math.max(leaves, c.show(i, months, FLOWERS)));
    }

    @Override
    Fact why(int i) {
        Cultivar plant = c.plants[i];
        if (plant.is(Traits.POT_OK, YesNo.NO)) {
            return new Because().say("no-pot").fact();
        }
        double shown = Integer.bitCount(c.monthsOfShow(i, 2) & months) * Seasons.WEEKS_PER_MONTH;
        long weeks = Math.round(place.weeks(c.annual[i], shown));
        Because because = new Because();
        plant.get(Traits.POT_ROLE)
                .ifPresentOrElse(
                        own -> because.say("pot-role." + Words.of(own)), () -> because.say("habit", plant.habit()));
        if (!Double.isNaN(litres)) {
            because.say("litres", Amount.steps(Math.max(1, Math.rint(wants(i)))), Amount.steps(litres));
        }
        return because.say("weeks-of-show", weeks)
                .sayIf(plant.persistence() == Persistence.EVERGREEN, "keeps", plant.persistence())
                .fact();
    }
}
