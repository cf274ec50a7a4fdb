package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.Job;
import org.yellowfit.core.serve.JobFields;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.serve.Serving;
import org.yellowfit.core.serve.WantedColour;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.Weighing;
import org.yellowfit.core.serve.WishFields;

/**
 * A question worth asking next (rule L8).
 *
 * @param field   what its answer would set, as the API names it
 * @param changes how many of the first five its answer would change, at the most
 */
public record AskNext(String field, Fact ask, int changes) {

    /** A question with its answers, each as the question to the catalogue would be then. */
    private record Open(String field, Stream<Question> answers) {}

    private static final int MOST = 3;
    /** In larger catalogues the answers are tried on so many of the best. */
    private static final int ALL_OF = 3000;

    private static final int TRIED_ON = 400;
    /** Moisture that a bed watered through its dry spells keeps. */
    private static final double WATERED_TO = 3;

    private static final double LITTLE_CARE_MINUTES = 10;

    /** @param ranked in merit order; {@code pool} empty to look through the whole catalogue */
    static List<AskNext> of(Catalogue plants, Question question, List<Ranked> ranked, List<Integer> pool) {
        List<Integer> among = pool;
        if (pool.isEmpty() && plants.size() > ALL_OF) {
            among = new Ordering(plants, question)
                    .best(false, TRIED_ON).stream().map(Ranked::index).toList();
        }
        List<First> first = FirstFive.of(plants, question, ranked);
        Set<Integer> now = indices(first);
        List<AskNext> asks = new ArrayList<>();
        for (Open open : open(plants, question, first)) {
            int changes = 0;
            for (Question answer : open.answers().toList()) {
                changes = Math.max(changes, changed(plants, answer, among, now));
            }
            if (changes > 0) {
                asks.add(new AskNext(open.field(), Fact.of("ask." + open.field()), changes));
            }
        }
        return asks.stream()
                .sorted(Comparator.comparingInt(AskNext::changes).reversed())
                .limit(MOST)
                .toList();
    }

    private static Set<Integer> indices(List<First> first) {
        Set<Integer> indices = new HashSet<>();
        first.forEach(each -> indices.add(each.ranked().index()));
        return indices;
    }

    private static int changed(Catalogue plants, Question answer, List<Integer> among, Set<Integer> now) {
        Ordering ordering = new Ordering(plants, answer);
        List<Ranked> ranked = among.isEmpty() ? ordering.best(false, Fit.POOL) : ordering.these(among);
        Set<Integer> then = indices(FirstFive.of(plants, answer, ranked));
        Set<Integer> gone = new HashSet<>(now);
        gone.removeAll(then);
        then.removeAll(now);
        return Math.max(gone.size(), then.size());
    }

    /** What has not been said yet, in the order in which an advisor would ask. */
    private static List<Open> open(Catalogue plants, Question q, List<First> first) {
        List<Open> open = new ArrayList<>();
        ofJobs(q, open);
        ofWishes(plants, q, first, open);
        ofThePlace(q, open);
        return open;
    }

    private static void ofJobs(Question q, List<Open> open) {
        Wants wants = q.wants();
        if (wants.jobs().isEmpty()) {
            Stream<JobKind> usual =
                    Stream.of(JobKind.GROUND_COVER, JobKind.FOCAL, JobKind.EDGING, JobKind.BACK, JobKind.WINTER);
            open.add(new Open("jobs", usual.map(kind -> wanting(q, new Job(kind, FieldValues.NONE)))));
        }
        for (Job job : wants.jobs()) {
            boolean hedge = job.kind() == JobKind.HEDGE;
            if (hedge && job.get(JobFields.CLIPPED) == null) {
                open.add(new Open("jobs.clipped", Stream.of(instead(q, job, job.with(JobFields.CLIPPED, true)))));
            }
            boolean row = hedge || job.kind() == JobKind.SCREEN || job.kind() == JobKind.GROUND_COVER;
            if (row && job.get(JobFields.EVERGREEN) == null && !wants.evergreen()) {
                open.add(new Open("jobs.evergreen", Stream.of(instead(q, job, job.with(JobFields.EVERGREEN, true)))));
            }
            if (job.kind() == JobKind.SCENT && job.get(JobFields.MONTHS) == null) {
                open.add(new Open(
                        "jobs.months", seasons().map(months -> instead(q, job, job.with(JobFields.MONTHS, months)))));
            }
        }
    }

    private static Question wanting(Question q, Job job) {
        List<Job> jobs = new ArrayList<>(q.wants().jobs());
        jobs.add(job);
        return q.wanting(WishFields.JOBS, jobs);
    }

    private static Question instead(Question q, Job old, Job job) {
        List<Job> jobs = new ArrayList<>(q.wants().jobs());
        jobs.replaceAll(each -> each.equals(old) ? job : each);
        return q.wanting(WishFields.JOBS, jobs);
    }

    private static Stream<List<Integer>> seasons() {
        return Stream.of(List.of(3, 4, 5), List.of(6, 7, 8), List.of(9, 10));
    }

    private static void ofWishes(Catalogue plants, Question q, List<First> first, List<Open> open) {
        Wants wants = q.wants();
        List<Serving.Asked> asked = q.serving(plants).asked();
        if (asked.size() > 1 && wants.importance().isEmpty()) {
            open.add(new Open(
                    "importance",
                    asked.stream()
                            .map(each -> q.wanting(
                                    WishFields.IMPORTANCE, List.of(new Weighing(each.want(), Importance.MUST))))));
        }
        add(open, wants.instead() == null && !first.isEmpty(), "instead", () -> {
            String genus = first.get(0).ranked().plant().genus();
            return Stream.of(q.wanting(WishFields.INSTEAD, genus));
        });
        boolean row =
                wants.jobs().stream().anyMatch(job -> job.kind() == JobKind.HEDGE || job.kind() == JobKind.SCREEN);
        add(
                open,
                wants.bloomMonths().isEmpty() && !row,
                "bloomMonths",
                () -> seasons().map(months -> q.wanting(WishFields.BLOOM_MONTHS, months)));
        add(
                open,
                wants.colours().isEmpty() && !row,
                "colours",
                () -> Stream.of("white", "pink", "blue", "gold")
                        .map(colour -> q.wanting(WishFields.COLOURS, List.of(new WantedColour(colour)))));
        add(
                open,
                !wants.berries() && wants.kinds().stream().noneMatch(kind -> kind == Kind.GRASS),
                "berries",
                () -> Stream.of(q.wanting(WishFields.BERRIES, true)));
        add(
                open,
                wants.maxCareMinutes() == null,
                "maxCareMinutes",
                () -> Stream.of(q.wanting(WishFields.MAX_CARE, LITTLE_CARE_MINUTES)));
    }

    private static void ofThePlace(Question q, List<Open> open) {
        SiteConditions site = q.site();
        add(
                open,
                site.surroundings().deer() == null,
                "site.deer",
                () -> Stream.of(q.at(site.withSurroundings(around -> around.withDeer(Pressure.HEAVY)))));
        add(
                open,
                site.surroundings().pets() == null && site.surroundings().children() == null,
                "site.children",
                () -> Stream.of(q.at(site.withSurroundings(Surroundings::withChildrenAndPets))));
        boolean dry = !q.inPot() && site.soil().driest() != null && site.soil().driest() < 3;
        add(
                open,
                dry && !site.upkeep().does(Upkeep.Task.WATERED),
                "site.practice",
                () -> Stream.of(q.at(site.withSoil(soil -> soil.watered(WATERED_TO)))));
    }

    private static void add(List<Open> open, boolean unsaid, String field, Supplier<Stream<Question>> answers) {
        if (unsaid) {
            open.add(new Open(field, answers.get()));
        }
    }
}
