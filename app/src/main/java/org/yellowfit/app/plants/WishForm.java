package org.yellowfit.app.plants;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.util.MultiValueMap;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.Like;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.Weighing;
import org.yellowfit.core.serve.WishFields;

/** What is wished for beside the jobs, between the form of the sentence and the fields of the visit. */
final class WishForm {

    /** Fields of the form that stand for one field of the visit together. */
    static final String LIKE = "like.plant";

    static final String BUT = "like.but";
    static final String HEIGHT_FROM = "height.from";
    static final String HEIGHT_TO = "height.to";
    /** Wishes that count less. */
    static final String SOME = "some";

    private static final double TALLEST_M = 120;
    private static final double KEPT_PER_M = 10_000;
    /** Typed as the visit holds them. */
    private static final List<Field<?>> PLAIN = List.of(
            WishFields.KINDS,
            WishFields.EVERGREEN,
            WishFields.COLOURS,
            WishFields.COLOUR_OF,
            WishFields.ONLY_THESE,
            WishFields.BLOOM_MONTHS,
            WishFields.FRAGRANCE,
            WishFields.POLLINATORS,
            WishFields.BIRDS,
            WishFields.BERRIES,
            WishFields.WINTER_INTEREST,
            WishFields.NATIVE_REGION,
            WishFields.MAX_CARE,
            WishFields.MAX_PRICE,
            WishFields.USES,
            WishFields.SCREEN_HEIGHT,
            WishFields.SCREEN_BY,
            WishFields.HABITS,
            WishFields.LEAF_TEXTURES,
            WishFields.NEVER_GENERA,
            WishFields.INSTEAD,
            WishFields.SHOW,
            WishFields.MUST);

    private static final List<VisitField<?>> FIELDS = Stream.<Stream<? extends VisitField<?>>>of(
                    Stream.of(VisitFields.POLICY),
                    PLAIN.stream().map(VisitFields::wish),
                    Stream.of(WishFields.KINDS, WishFields.COLOURS).map(VisitFields::never))
            .<VisitField<?>>flatMap(each -> each)
            .toList();

    private WishForm() {}

    /** As the visit has them, by the names of the form. */
    static Map<String, String> of(Visit visit, List<Cultivar> plants) {
        Map<String, String> typed = new LinkedHashMap<>();
        FIELDS.forEach(field -> typed.put(field.key(), VisitForm.shown(field.key(), visit.answers())));
        Wants wants = visit.wants();
        typed.put(key(WishFields.INSTEAD), nameOf(wants.instead(), plants));
        Like like = wants.like();
        typed.put(LIKE, like == null ? "" : nameOf(like.id(), plants));
        typed.put(BUT, like == null ? "" : like.but().stream().map(Words::of).collect(Collectors.joining("|")));
        Interval height = wants.heightM();
        typed.put(
                HEIGHT_FROM,
                height == null || height.low() <= 0 ? "" : visit.units().length(height.low()));
        typed.put(
                HEIGHT_TO,
                height == null || height.high() >= TALLEST_M
                        ? ""
                        : visit.units().length(height.high()));
        typed.put(key(WishFields.MUST), ofImportance(wants, Importance.MUST));
        typed.put(SOME, ofImportance(wants, Importance.SOME));
        return typed;
    }

    private static String ofImportance(Wants wants, Importance importance) {
        return wants.importance().entrySet().stream()
                .filter(each -> each.getValue() == importance)
                .map(Map.Entry::getKey)
                .sorted()
                .collect(Collectors.joining("|"));
    }

    private static String nameOf(String id, List<Cultivar> plants) {
        return id == null
                ? ""
                : plants.stream()
                        .filter(plant -> plant.id().equals(id))
                        .findFirst()
                        .map(Cultivar::name)
                        .orElse(id);
    }

    /** As they were sent, by the names of the form. */
    static Map<String, String> read(MultiValueMap<String, String> params) {
        Map<String, String> typed = new LinkedHashMap<>();
        FIELDS.forEach(field -> typed.put(field.key(), joined(params, field.key())));
        List.of(LIKE, BUT, HEIGHT_FROM, HEIGHT_TO, SOME).forEach(name -> typed.put(name, joined(params, name)));
        return typed;
    }

    private static String joined(MultiValueMap<String, String> params, String name) {
        return params.getOrDefault(name, List.of()).stream()
                .filter(value -> !value.isBlank())
                .collect(Collectors.joining("|"));
    }

    /**
     * As the fields of the visit take them.
     *
     * @param problems gets a sentence by name of the form for what is wrong
     */
    static Map<String, String> kept(
            Map<String, String> typed,
            JobForm jobs,
            UnitSystem units,
            List<Cultivar> plants,
            Map<String, String> problems) {
        Map<String, String> kept = new LinkedHashMap<>(typed);
        List.of(LIKE, BUT, HEIGHT_FROM, HEIGHT_TO, SOME).forEach(kept::remove);
        String instead = key(WishFields.INSTEAD);
        kept.put(instead, plantOrGenus(typed.getOrDefault(instead, ""), plants, instead, problems));
        kept.put(key(WishFields.LIKE), like(typed, plants, problems));
        kept.put(key(WishFields.HEIGHT), height(typed, units, problems));
        List<String> importance = new ArrayList<>(jobs.importance());
        split(typed.getOrDefault(SOME, "")).stream()
                .filter(wish ->
                        !split(typed.getOrDefault(key(WishFields.MUST), "")).contains(wish))
                .map(wish -> new Weighing(wish, Importance.SOME).text())
                .forEach(importance::add);
        kept.put(key(WishFields.IMPORTANCE), String.join("|", importance));
        kept.put(key(WishFields.JOBS), jobs.jobs(units));
        return kept;
    }

    private static List<String> split(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split("\\|"));
    }

    private static String like(Map<String, String> typed, List<Cultivar> plants, Map<String, String> problems) {
        String asked = typed.getOrDefault(LIKE, "");
        if (asked.isEmpty()) {
            return "";
        }
        String id = plant(asked, plants);
        if (id.isEmpty()) {
            problems.put(LIKE, Sentences.say("blank.no-such-plant"));
        }
        List<String> parts = new ArrayList<>(List.of(id));
        parts.addAll(split(typed.getOrDefault(BUT, "")));
        return String.join(" ", parts);
    }

    /** A name is taken for a plant's when one has it, and for a genus when it is one word. */
    private static String plantOrGenus(String asked, List<Cultivar> plants, String name, Map<String, String> problems) {
        String text = asked.strip();
        if (text.isEmpty()) {
            return "";
        }
        Optional<String> genus = plants.stream()
                .map(plant -> plant.botanical().split(" ")[0])
                .filter(text::equalsIgnoreCase)
                .findFirst();
        if (genus.isPresent()) {
            return genus.get();
        }
        if (!text.contains(" ") && Character.isUpperCase(text.charAt(0))) {
            return text;
        }
        String id = plant(text, plants);
        if (id.isEmpty()) {
            problems.put(name, Sentences.say("blank.no-such-plant"));
        }
        return id;
    }

    private static String plant(String asked, List<Cultivar> plants) {
        String plain = asked.replaceAll("[‘’]", "");
        return plants.stream()
                .filter(plant -> plant.name().equals(asked))
                .findFirst()
                .or(() -> PlantNames.find(plants, plain, 1).stream().findFirst())
                .map(Cultivar::id)
                .orElse("");
    }

    private static String height(Map<String, String> typed, UnitSystem units, Map<String, String> problems) {
        double low = length(typed, HEIGHT_FROM, 0, units, problems);
        double high = length(typed, HEIGHT_TO, TALLEST_M, units, problems);
        boolean said = !typed.getOrDefault(HEIGHT_FROM, "").isEmpty()
                || !typed.getOrDefault(HEIGHT_TO, "").isEmpty();
        if (low > high) {
            problems.putIfAbsent(HEIGHT_TO, Sentences.say("blank.height-reversed"));
        }
        return said && low <= high ? Numbers.write(low) + ".." + Numbers.write(high) : "";
    }

    private static double length(
            Map<String, String> typed, String name, double otherwise, UnitSystem units, Map<String, String> problems) {
        String text = typed.getOrDefault(name, "");
        try {
            return text.isEmpty() ? otherwise : Math.rint(Length.parse(text, units) * KEPT_PER_M) / KEPT_PER_M;
        } catch (IllegalArgumentException e) {
            problems.put(name, Refusals.say(e));
            return otherwise;
        }
    }

    static String key(Field<?> field) {
        return VisitFields.wish(field).key();
    }
}
