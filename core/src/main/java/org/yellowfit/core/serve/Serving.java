package org.yellowfit.core.serve;

import static org.yellowfit.core.serve.ServeNumber.FIRST_JOB_COUNTS;
import static org.yellowfit.core.serve.ServeNumber.FIRST_JOB_MET;
import static org.yellowfit.core.serve.ServeNumber.LEAST_MET;
import static org.yellowfit.core.serve.ServeNumber.MUCH_COUNTS;
import static org.yellowfit.core.serve.ServeNumber.MUCH_WISH_MET;
import static org.yellowfit.core.serve.ServeNumber.MUST_COUNTS;
import static org.yellowfit.core.serve.ServeNumber.NO_MERIT_LEAVES;
import static org.yellowfit.core.serve.ServeNumber.SOME_LEAVES;
import static org.yellowfit.core.serve.ServeNumber.UNHELD_LEAVES;
import static org.yellowfit.core.serve.ServeNumber.UNKNOWN_MET;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.season.Interest;
import org.yellowfit.core.season.Merits;
import org.yellowfit.core.season.Show;

/**
 * How well each plant of a catalogue serves one customer at one place (rule L3): H × E × M. H is the weighted harmonic
 * mean of what is met of each job and of each wish that counts much or must, so that nothing asked for is made good by
 * something else; E takes a little for each wish that counts some and is missed; M a little from what gives nothing to
 * look at. With nothing asked, it is what it gives to look at. For one thread.
 */
public final class Serving {

    /** What a plant is held to be that does not reach what was asked of it. */
    public static final double TOO_LITTLE = -1;

    private static final double ROUNDING = 1e-9;
    private static final Set<JobKind> HOLDING = EnumSet.of(
            JobKind.CLIMB,
            JobKind.SCREEN,
            JobKind.GROUND_COVER,
            JobKind.POT_TALL,
            JobKind.POT_MOUND,
            JobKind.POT_TRAIL);

    /** What comes of the musts. */
    public enum Musts {
        MET,
        UNKNOWN,
        MISSED
    }

    private final PlantColumns c;
    private final UsePlace place;
    private final List<Measure> measures;
    private final Measure[] all;
    private final double[] weights;
    private final double sum;
    private final Measure[] musts;
    private final int months;
    private final Set<String> neverGenera;
    private final boolean climbersHeld;
    private final boolean hasJob;

    private Serving(PlantColumns c, Wants wants, UsePlace place, List<Measure> measures, Optional<Cultivar> old) {
        this.c = c;
        this.place = place;
        this.measures = List.copyOf(measures);
        climbersHeld = isClimberHeld(wants, place);
        hasJob = !wants.jobs().isEmpty();
        months = monthsWanted(wants, place);
        neverGenera = neverGenera(wants, old);
        // What costs little is asked first; measures of one cost stay in their order.
        all = measures.stream().sorted(Comparator.comparingInt(Measure::cost)).toArray(Measure[]::new);
        Measure firstJob = wants.jobs().isEmpty() ? null : measures.get(0);
        weights = Arrays.stream(all)
                .mapToDouble(measure -> weight(measure, firstJob))
                .toArray();
        sum = Arrays.stream(weights).sum();
        musts = measures.stream()
                .filter(measure -> measure.importance() == Importance.MUST)
                .toArray(Measure[]::new);
    }

    public static Serving of(PlantColumns c, Wants wants, UsePlace place) {
        List<Measure> measures = new ArrayList<>();
        for (Job job : wants.jobs()) {
            measures.add(measure(c, job, place, wants.importance(job.kind().word())));
        }
        wishes(c, wants, place, measures);
        Optional<Cultivar> old = find(c, wants.instead());
        old.ifPresent(plant -> measures.add(new Likes.Instead(c, plant, wants.importance("instead"))));
        if (wants.like() != null) {
            find(c, wants.like().id())
                    .ifPresent(other -> measures.add(
                            new Likes.LikeBut(c, other, wants.like().but(), wants.importance("like"))));
        }
        return new Serving(c, wants, place, measures, old);
    }

    /** Whether there is, or may be, something for a climber to go up. */
    private static boolean isClimberHeld(Wants wants, UsePlace place) {
        return place.supportHeightM() != null
                || wants.kinds().contains(Kind.CLIMBER)
                || wants.uses().contains(Use.CLIMBER)
                || wants.jobs().stream().map(Job::kind).anyMatch(HOLDING::contains);
    }

    private static void wishes(PlantColumns c, Wants wants, UsePlace place, List<Measure> into) {
        Wishes wishes = new Wishes(c, wants, place);
        if (!wants.kinds().isEmpty() && isSoft(wants, "kinds")) {
            into.add(wishes.kinds());
        }
        addIf(into, wants.evergreen(), wishes::evergreen);
        addIf(into, !wants.colours().isEmpty(), () -> new Coloured(c, wants, place, wants.importance("colours")));
        addIf(into, !wants.bloomMonths().isEmpty(), wishes::bloom);
        addIf(into, !wants.uses().isEmpty(), wishes::uses);
        addIf(into, wants.screenHeightM() != null, wishes::screenHeight);
        addIf(into, wants.fragrance(), wishes::fragrance);
        addIf(into, wants.pollinators(), wishes::pollinators);
        addIf(into, wants.berries(), wishes::berries);
        addIf(into, wants.birds(), wishes::birds);
        addIf(
                into,
                wants.winterInterest(),
                () -> new Winters(c, "winterInterest", List.of(), place, wants.importance("winterInterest")));
        addIf(into, wants.nativeRegion() != null, wishes::region);
        addIf(into, wants.maxCareMinutes() != null, wishes::care);
        addIf(into, wants.maxPrice() != null, wishes::price);
        addIf(into, !wants.show().isEmpty(), wishes::show);
        addIf(into, !wants.habits().isEmpty(), () -> new Forms.Habits(c, wants.habits(), wants.importance("habits")));
        addIf(
                into,
                wants.heightM() != null,
                () -> new Forms.Size(c, true, wants.heightM(), place, wants.importance("heightM")));
        addIf(
                into,
                wants.spreadM() != null,
                () -> new Forms.Size(c, false, wants.spreadM(), place, wants.importance("spreadM")));
        addIf(
                into,
                !wants.leafTextures().isEmpty(),
                () -> new Forms.Leaves(c, wants.leafTextures(), wants.importance("leafTextures")));
    }

    private static void addIf(List<Measure> into, boolean asked, java.util.function.Supplier<Measure> measure) {
        if (asked) {
            into.add(measure.get());
        }
    }

    /** A kind that is asked for rules the others out, unless it is said to count less. */
    public static boolean isSoft(Wants wants, String wish) {
        return wants.importance().containsKey(wish) && wants.importance(wish) != Importance.MUST;
    }

    private static Measure measure(PlantColumns c, Job job, UsePlace place, Importance importance) {
        return switch (job.kind()) {
            case HEDGE -> Hedges.hedge(c, job, place, importance);
            case SCREEN -> new Hedges.Screen(c, job, place, importance);
            case GROUND_COVER -> new Ground(c, job, place, importance);
            case EDGING, FILL, BACK, MIDDLE, FRONT -> new Places.InLayer(c, job, place, importance);
            case FOCAL -> new Places.Focal(c, job, place, importance);
            case COLUMN -> new Places.Column(c, job, place, importance);
            case CLIMB -> new Climbing(c, job, place, importance);
            case UNDERPLANT -> new Beneath(c, job, place, importance);
            case POT_TALL, POT_MOUND, POT_TRAIL -> new Pots(c, job, place, importance);
            case WINTER -> new Winters(c, job.kind().word(), job.get(JobFields.MONTHS, List.of()), place, importance);
            case SCENT ->
                new Senses.Scent(
                        c,
                        job.kind().word(),
                        job.get(JobFields.SCENT_OF, JobFields.ScentOf.FLOWER),
                        job.get(JobFields.MONTHS, List.of()),
                        place,
                        importance);
            case CUT -> new Senses.Cut(c, job, place, importance);
            case WILDLIFE -> new Senses.Feeding(c, job, place, importance);
        };
    }

    private static Optional<Cultivar> find(PlantColumns c, String id) {
        return id == null
                ? Optional.empty()
                : Arrays.stream(c.plants).filter(plant -> plant.id().equals(id)).findFirst();
    }

    /** What failed is not offered again: its genus, whether it was named by its id or by that. */
    private static Set<String> neverGenera(Wants wants, Optional<Cultivar> old) {
        Set<String> never = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        never.addAll(wants.neverGenera());
        old.map(Cultivar::genus).ifPresent(never::add);
        if (wants.instead() != null && old.isEmpty()) {
            never.add(wants.instead().strip());
        }
        return never;
    }

    /** Northern months in which something is wanted; 0 for the year. */
    private static int monthsWanted(Wants wants, UsePlace place) {
        int months = place.northern(wants.bloomMonths()) | place.northern(wants.colourMonths());
        for (Job job : wants.jobs()) {
            months |= place.northern(job.get(JobFields.MONTHS, List.of()));
        }
        boolean winter = wants.winterInterest()
                || wants.jobs().stream()
                        .anyMatch(job -> job.kind() == JobKind.WINTER && job.get(JobFields.MONTHS) == null);
        return winter ? months | Show.mask(Interest.WINTER) : months;
    }

    public boolean isAnythingAsked() {
        return all.length > 0;
    }

    /** What it gives to look at in the months wanted, or over the year: 0–1. */
    public double show(int i) {
        return c.show(i, months);
    }

    /** Weeks, of the months wanted or of the year, in which something good shows: of what is left of the season (A5). */
    public double weeksOfShow(int i) {
        int all = c.monthsOfShow(i, 2);
        double shown = Integer.bitCount(months == 0 ? all : all & months) * Seasons.WEEKS_PER_MONTH;
        return place.weeks(c.annual[i], shown);
    }

    /** What it is grown for. */
    public Merits merits(int i) {
        return Merits.of(c.plants[i]);
    }

    /** 0–1 (L3). */
    public double of(int i) {
        return of(i, 0);
    }

    /** A climber of which nobody has said what it shall go up: it serves less, and that is said. */
    public boolean isUnheld(int i) {
        return !climbersHeld && c.kind[i] == Kind.CLIMBER;
    }

    /** @return how it serves, or {@link #TOO_LITTLE} when that is less than {@code least} */
    public double of(int i, double least) {
        double share = isUnheld(i) ? UNHELD_LEAVES.value() : 1;
        double serve = served(i, least / share);
        return serve == TOO_LITTLE ? TOO_LITTLE : share * serve;
    }

    /** How much a thing counts in the harmonic mean; 0 for what only takes a little when it is missed. */
    private static double weight(Measure measure, Measure firstJob) {
        return switch (measure.importance()) {
            case MUST -> MUST_COUNTS.value();
            case MUCH -> (measure == firstJob ? FIRST_JOB_COUNTS : MUCH_COUNTS).value();
            case SOME -> measure == firstJob ? FIRST_JOB_COUNTS.value() : 0;
        };
    }

    private double served(int i, double least) {
        double show = show(i);
        if (all.length == 0) {
            return show >= least ? show : TOO_LITTLE;
        }
        double most = NO_MERIT_LEAVES.value() + (1 - NO_MERIT_LEAVES.value()) * show;
        double inverse = 0;
        double open = sum;
        for (int k = 0; k < all.length; k++) {
            if (most * harmonic(inverse + open) < least - ROUNDING) {
                return TOO_LITTLE;
            }
            double met = counted(all[k].met(i));
            if (weights[k] == 0) {
                most *= SOME_LEAVES.value() + (1 - SOME_LEAVES.value()) * met;
            } else {
                inverse += weights[k] / Math.max(LEAST_MET.value(), met);
                open -= weights[k];
            }
        }
        double serve = most * harmonic(inverse);
        return serve >= least ? serve : TOO_LITTLE;
    }

    /** @param inverse the weights, each divided by what is met, added up */
    private double harmonic(double inverse) {
        return sum == 0 ? 1 : sum / inverse;
    }

    private static double counted(double met) {
        return Double.isNaN(met) ? UNKNOWN_MET.value() : Math.min(1, met);
    }

    public boolean hasMusts() {
        return musts.length > 0;
    }

    public Musts musts(int i) {
        Musts so = Musts.MET;
        for (Measure must : musts) {
            double met = must.met(i);
            if (Double.isNaN(met)) {
                so = Musts.UNKNOWN;
            } else if (met < must.enough()) {
                return Musts.MISSED;
            }
        }
        return so;
    }

    /** Whether its genus is one that is not to be offered. */
    public boolean isOfNeverGenus(int i) {
        return !neverGenera.isEmpty() && neverGenera.contains(c.genus[i]);
    }

    /** How it meets each job and wish. */
    public List<Service> services(int i) {
        return measures.stream().map(measure -> service(measure, i)).toList();
    }

    private static Service service(Measure measure, int i) {
        double met = measure.met(i);
        boolean known = !Double.isNaN(met);
        Fact why = known ? measure.why(i) : Fact.of("serve.unknown");
        boolean done = known && met >= measure.enough();
        return new Service(measure.want(), measure.asked(), counted(met), known, measure.importance(), done, why);
    }

    /** The jobs and wishes asked, in order: field or word, and what it asks. */
    public List<Asked> asked() {
        return measures.stream()
                .map(measure -> new Asked(measure.want(), measure.asked(), measure.importance()))
                .toList();
    }

    /** Whether a plant does what is asked: half of the first job, a quarter of whatever counts much (L6). */
    public boolean doesIt(int i) {
        for (Measure measure : measures) {
            boolean first = hasJob && measure == measures.get(0);
            boolean counts = first || measure.importance() != Importance.SOME;
            double least = (first ? FIRST_JOB_MET : MUCH_WISH_MET).value();
            if (counts && counted(measure.met(i)) < least - ROUNDING) {
                return false;
            }
        }
        return true;
    }

    /** One thing asked for. */
    public record Asked(String want, Fact words, Importance importance) {}

    /** Met by plant {@code i}, of the k-th thing asked: 0–1, NaN where it is not known. */
    public double met(int k, int i) {
        return measures.get(k).met(i);
    }

    /** From which share the k-th thing asked is as good as met. */
    public double enough(int k) {
        return measures.get(k).enough();
    }
}
