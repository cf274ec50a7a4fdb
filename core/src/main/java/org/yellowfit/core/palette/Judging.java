package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Live;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.Fact;

/** Says of a planting how good it is, part by part, what breaks, and what each plant is there for. */
final class Judging {

    private final Catalogue plants;
    private final Scoring scoring;

    Judging(Catalogue plants, Scoring scoring) {
        this.plants = plants;
        this.scoring = scoring;
    }

    /** @param asked counts by member; 0 where left open */
    Judged judge(List<Member> members, int[] asked) {
        return judged(scoring.of(members, asked), members, asked);
    }

    private Judged judged(Scoring.Score score, List<Member> given, int[] asked) {
        List<Member> members = score.members();
        Map<Quality, Double> parts = new EnumMap<>(Quality.class);
        for (Quality part : Quality.values()) {
            if (!Double.isNaN(score.part(part))) {
                parts.put(part, score.part(part));
            }
        }
        List<List<String>> months = new ArrayList<>();
        List<List<String>> flowers = new ArrayList<>();
        List<Integer> empty = new ArrayList<>();
        for (int month = 0; month < 12; month++) {
            int bit = 1 << month;
            List<String> shows = members.stream()
                    .filter(each -> (each.showing().months() & bit) != 0)
                    .map(each -> each.plant().id())
                    .distinct()
                    .toList();
            months.add(shows);
            flowers.add(members.stream()
                    .filter(each -> (each.showing().flowers() & bit) != 0)
                    .map(each -> each.plant().id())
                    .distinct()
                    .toList());
            if (shows.isEmpty() && (scoring.monthsWanted() & bit) != 0) {
                empty.add(month + 1);
            }
        }
        return new Judged(
                score.score(),
                parts,
                breaks(score),
                months,
                flowers,
                empty,
                score.evergreenShare(),
                score.careMinutes(),
                score.cost(),
                pairs(members),
                layers(members),
                stands(score, given, asked));
    }

    private List<Judged.Stand> stands(Scoring.Score score, List<Member> given, int[] asked) {
        Reasons reasons = new Reasons(scoring, score.members());
        List<Judged.Stand> stands = new ArrayList<>();
        for (int i = 0; i < score.counts().length; i++) {
            Member member = score.members().get(i);
            stands.add(new Judged.Stand(
                    member.plant(),
                    scoring.grounds().get(member.ground()).name(),
                    member.layer(),
                    score.counts()[i],
                    score.areas()[i],
                    reasons.of(member),
                    without(member, given, asked) - score.score()));
        }
        return stands;
    }

    private double without(Member member, List<Member> given, int[] asked) {
        List<Member> rest = new ArrayList<>();
        int[] counts = new int[given.size() - 1];
        for (int i = 0; i < given.size(); i++) {
            if (given.get(i) != member) {
                counts[rest.size()] = asked == null ? 0 : asked[i];
                rest.add(given.get(i));
            }
        }
        return rest.isEmpty() ? 0 : scoring.of(rest, counts).score();
    }

    private static List<Judged.Pair> pairs(List<Member> members) {
        List<Judged.Pair> pairs = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            for (int k = i + 1; k < members.size(); k++) {
                Member one = members.get(i);
                Member other = members.get(k);
                if (Contrast.areNeighbours(one, other)) {
                    Contrast contrast = Contrast.of(one, other);
                    pairs.add(new Judged.Pair(
                            one.plant().id(),
                            other.plant().id(),
                            contrast.differ(),
                            contrast.share(),
                            contrast.passes()));
                }
            }
        }
        return pairs;
    }

    private static Map<Layer, List<String>> layers(List<Member> members) {
        Map<Layer, List<String>> layers = new EnumMap<>(Layer.class);
        for (Layer layer : Layer.values()) {
            layers.put(
                    layer,
                    members.stream()
                            .filter(each -> (each.fills() & Member.bit(layer)) != 0)
                            .map(each -> each.plant().id())
                            .distinct()
                            .toList());
        }
        return layers;
    }

    private List<Judged.Break> breaks(Scoring.Score score) {
        List<Judged.Break> breaks = new ArrayList<>();
        List<Member> members = score.members();
        Aims aims = scoring.aims();
        members.stream().filter(each -> each.live() == Live.NO).forEach(each -> breaks.add(misfit(each)));
        breaks.addAll(water(members));
        int kinds = Scoring.kinds(members);
        if (kinds < aims.leastKinds() || kinds > aims.mostKinds()) {
            String key = kinds < aims.leastKinds() ? "palette.too-few" : "palette.too-many";
            breaks.add(new Judged.Break("kinds", Fact.of(key, kinds, aims.leastKinds(), aims.mostKinds()), List.of()));
        }
        if (aims.budget() != null && score.cost() > aims.budget() + 1e-9) {
            breaks.add(new Judged.Break(
                    "budget", Fact.of("palette.budget", money(score.cost()), money(aims.budget())), List.of()));
        }
        if (aims.careMinutesYear() != null && score.careMinutes() > aims.careMinutesYear() + 1e-9) {
            breaks.add(new Judged.Break(
                    "care",
                    Fact.of("palette.care", (int) Math.rint(score.careMinutes()), (int)
                            Math.rint(aims.careMinutesYear())),
                    List.of()));
        }
        for (int g = 0; g < score.needed().length; g++) {
            String name = scoring.grounds().get(g).name();
            int ground = g;
            if (score.needed()[g] > Scoring.OVERFULL) {
                breaks.add(new Judged.Break(
                        "ground",
                        Fact.of("palette.overfull", name, (int) Math.rint(100 * score.needed()[g])),
                        members.stream()
                                .filter(each -> each.ground() == ground)
                                .map(each -> each.plant().id())
                                .toList()));
            } else if (score.needed()[g] == 0) {
                breaks.add(new Judged.Break("ground", Fact.of("palette.bare", name), List.of()));
            }
        }
        return breaks;
    }

    private static Fact money(double amount) {
        return Fact.of("palette.money", String.valueOf(Math.round(amount)));
    }

    /** A plant that does not live in its patch, or that misses what was insisted on. */
    private Judged.Break misfit(Member member) {
        Fit fit = new Fit(plants);
        Plot ground = scoring.grounds().get(member.ground());
        String id = member.plant().id();
        Candidate candidate = fit.explain(ground.question(), fit.these(ground.question(), List.of(id)))
                .get(0);
        String rule = candidate.limiting().map(name -> name.word()).orElse("lives");
        Fact why = candidate
                .limitingJudgement()
                .map(judgement -> Fact.of("value", judgement.why()))
                .orElse(Fact.of("palette.no"));
        return new Judged.Break(rule, Fact.of("palette.misfit", member.plant().name(), why), List.of(id));
    }

    /** C6: who is too wet or too dry for the others, the odd one out first. */
    private List<Judged.Break> water(List<Member> members) {
        List<Judged.Break> breaks = new ArrayList<>();
        List<Member> left = new ArrayList<>(members);
        while (true) {
            Member odd = null;
            int most = 0;
            for (Member each : left) {
                int apart = (int)
                        left.stream().filter(other -> isApart(each, other)).count();
                if (apart > most) {
                    odd = each;
                    most = apart;
                }
            }
            if (odd == null) {
                return breaks;
            }
            Member out = odd;
            List<Member> others =
                    left.stream().filter(other -> isApart(out, other)).toList();
            boolean thirsty = out.moisture().low() > others.get(0).moisture().high();
            breaks.add(new Judged.Break(
                    "water",
                    Fact.of(
                            thirsty ? "palette.thirsty" : "palette.dry",
                            out.plant().name(),
                            others.stream()
                                    .map(each -> (Object) each.plant().name())
                                    .toList()),
                    List.of(out.plant().id())));
            left.remove(out);
        }
    }

    private static boolean isApart(Member one, Member other) {
        return one.ground() == other.ground() && one.waterApart(other) > Scoring.WATER_STEP;
    }

    static Map<String, Integer> byName(List<Plot> grounds) {
        Map<String, Integer> byName = new LinkedHashMap<>();
        for (int g = 0; g < grounds.size(); g++) {
            byName.put(grounds.get(g).name(), g);
        }
        return byName;
    }
}
