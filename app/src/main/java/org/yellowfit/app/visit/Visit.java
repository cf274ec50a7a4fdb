package org.yellowfit.app.visit;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.fit.Uncertainty;
import org.yellowfit.core.light.HotHours;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Job;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.WishFields;
import org.yellowfit.core.site.Feature;

/**
 * A visit as the screens see it.
 *
 * @param answers all that was said, in SI units
 * @param chosen  ids of the plants put side by side, in the order they were picked
 * @param version counts the states of the answers
 */
public record Visit(
        UUID id,
        Answers answers,
        List<String> chosen,
        String advisor,
        boolean finished,
        Instant createdAt,
        Instant changedAt,
        String changedBy,
        long version) {

    /** Most plants side by side. */
    public static final int MOST_CHOSEN = 6;

    public String place() {
        return answers.get(VisitFields.PLACE, "");
    }

    public String customer() {
        return answers.get(VisitFields.CUSTOMER, "");
    }

    public String note() {
        return answers.get(VisitFields.NOTE, "");
    }

    public UnitSystem units() {
        return VisitForm.units(answers);
    }

    public Policy policy() {
        return answers.get(VisitFields.POLICY, Policy.STANDARD);
    }

    /** What was said, or else the day it was last changed. */
    public LocalDate plantedOn() {
        return answers.get(VisitFields.site(SiteFields.PLANTING_DATE))
                .orElseGet(() -> changedAt.atZone(ZoneId.systemDefault()).toLocalDate());
    }

    /** All of it in the plain form of JSON, for the customer who asks what is kept. */
    public Map<String, Object> kept() {
        Map<String, Object> kept = new LinkedHashMap<>();
        kept.put("id", id);
        kept.put("answers", AnswersJson.write(answers));
        kept.put("chosen", chosen);
        kept.put("advisor", advisor);
        kept.put("finished", finished);
        kept.put("createdAt", createdAt);
        kept.put("changedAt", changedAt);
        kept.put("changedBy", changedBy);
        return kept;
    }

    /** Plants put aside in this visit. */
    public List<String> passed() {
        return answers.get(VisitFields.PASSED, List.of());
    }

    /** The things drawn, by their ids. */
    public List<Feature> drawn() {
        return answers.fields().stream()
                .filter(field -> field.section() == Section.DRAWING)
                .map(field -> answers.get(VisitFields.drawn(field.name())))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparing(Feature::id))
                .toList();
    }

    /** What is known of the site. */
    public <T> Optional<Known<T>> site(Field<T> field) {
        return answers.known(VisitFields.site(field));
    }

    /** Where an answer about the site comes from; empty when it is unknown. */
    public Optional<Provenance> from(Field<?> field) {
        return site(field).map(Known::from);
    }

    public boolean isGuessed(Field<?> field) {
        return from(field)
                .filter(from -> from.kind() == Provenance.Kind.GUESSED)
                .isPresent();
    }

    /**
     * What the place is asked for. Answers that cannot stand together, kept before saving checked them, are left out as
     * {@link #problems} tells.
     */
    public Question question() {
        return new Question(SiteFields.conditions(soundValues()), wantsHere(), policy());
    }

    /** All that is asked for, of whatever part of the place. */
    public Wants wants() {
        FieldValues never = answers.values(Section.NEVER, WishFields.OF_A_PLANT);
        return WishFields.wants(answers.values(Section.WISHES, WishFields.ALL), never.isEmpty() ? null : never);
    }

    /** What is asked of the whole place, and of the patch the site stands for. */
    private Wants wantsHere() {
        Wants all = wants();
        String patch = answers.get(VisitFields.PATCH, "");
        List<Job> here = all.jobs().stream()
                .filter(job -> job.at().isEmpty() || job.at().get().equals(patch))
                .toList();
        return here.size() == all.jobs().size() ? all : all.with(WishFields.JOBS, here);
    }

    /** The question with some answers changed, as if; what cannot be is left as it was. */
    public Question questionIf(Edit edit) {
        Edit changed = new Edit().all(edit);
        if (edit.touches(VisitFields.site(SiteFields.SUN_HOURS))
                && !edit.touches(VisitFields.site(SiteFields.HOT_HOURS))) {
            changed.clear(VisitFields.site(SiteFields.HOT_HOURS));
        }
        Visit asIf = new Visit(
                id, answers.with(changed), chosen, advisor, finished, createdAt, changedAt, changedBy, version);
        return asIf.problems().isEmpty() ? asIf.question() : question();
    }

    /** What of the site's answers cannot stand together, by field; empty for nearly all visits. */
    public List<Problem> problems() {
        return problems(siteValues());
    }

    private static List<Problem> problems(FieldValues told) {
        List<Problem> problems = new ArrayList<>();
        SiteFields.checkTogether(told, new InputReader(Map.of(), Section.SITE.prefix, problems));
        return problems;
    }

    private FieldValues soundValues() {
        FieldValues told = siteValues();
        return problems(told).isEmpty()
                ? told
                : told.with(SiteFields.WALL_CLEARANCE, null).with(SiteFields.PATH_CLEARANCE, null);
    }

    /** The site as the rules take it, with what follows from the other answers. */
    public FieldValues siteValues() {
        FieldValues told = answers.values(Section.SITE, SiteFields.ALL);
        if (!told.has(SiteFields.LATITUDE)) {
            told = told.with(
                    SiteFields.LATITUDE, answers.get(VisitFields.LATITUDE).orElse(null));
        }
        if (!told.has(SiteFields.SLOPE)) {
            told = told.with(SiteFields.SLOPE, answers.get(VisitFields.SLOPE).orElse(null));
        }
        if (from(SiteFields.SUN_HOURS)
                .filter(from -> from.kind() == Provenance.Kind.COMPUTED)
                .isPresent()) {
            told = told.with(SiteFields.UNCERTAINTY, Uncertainty.COMPUTED);
        }
        return told.has(SiteFields.HOT_HOURS) ? told : told.with(SiteFields.HOT_HOURS, estimatedHotHours(told));
    }

    private Double estimatedHotHours(FieldValues told) {
        Double hours = told.get(SiteFields.SUN_HOURS);
        return hours == null
                ? null
                : answers.get(VisitFields.SUN_BIAS)
                        .map(bias -> HotHours.estimate(hours, bias))
                        .orElse(null);
    }
}
