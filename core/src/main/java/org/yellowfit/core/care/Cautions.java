package org.yellowfit.core.care;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.SpreadMode;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;

/** What a customer is to be told before planting (rule F8, with F1, F2 and D8). Local codes and licensed practice come first. */
public final class Cautions {

    /** Height at ten years from which a plant is treated as a large tree, m. */
    private static final double LARGE_M = 6;

    private Cautions() {}

    public static List<String> of(List<Cultivar> plants) {
        return of(plants, WatchList.EMPTY);
    }

    public static List<String> of(List<Cultivar> plants, WatchList watchList) {
        List<String> told = new ArrayList<>();
        told.add("Before you dig, have buried pipes and cables located by the service that does so where you live.");
        add(
                told,
                plants,
                Hazard.TOXIC_PEOPLE,
                "Poisonous to people if eaten: %s. If somebody has eaten any, call the poison information line or the emergency number of your country at once.");
        add(
                told,
                plants,
                Hazard.TOXIC_PETS,
                "Poisonous to dogs, cats or horses: %s. If an animal has eaten any, call a veterinarian at once.");
        add(
                told,
                plants,
                Hazard.SAP,
                "The sap irritates skin and eyes: %s. Wear gloves and long sleeves when cutting.");
        add(told, plants, Hazard.THORNS, "Thorny: %s. Wear gloves and eye protection, and keep it off paths.");
        add(told, plants, Hazard.POLLEN, "Heavy pollen: %s.");
        String large = names(plants.stream()
                .filter(plant -> plant.kind() == Kind.TREE && plant.height10().high() >= LARGE_M)
                .toList());
        if (!large.isEmpty()) {
            told.add(
                    "Large tree: " + large
                            + ". Keep it clear of buildings, drains and overhead wires as local rules say; leave work near wires or high in the crown to a licensed arborist.");
        }
        String spreading = names(plants.stream().filter(Cautions::spreads).toList());
        if (!spreading.isEmpty()) {
            told.add("Spreads by runners or seed: " + spreading
                    + ". Check the law on invasive plants where you live before planting.");
        }
        String watched = names(plants.stream()
                .filter(plant -> watchList.entry(plant).isPresent())
                .toList());
        if (!watched.isEmpty()) {
            told.add(
                    "Watched here because it runs wild: " + watched
                            + ". Keep it in bounds, cut it before it seeds, and ask your local authority what the law on invasive plants says.");
        }
        told.add("Read the label of any chemical before you use it. Heavy pots and root balls: lift with help.");
        told.add("Local codes and licensed practice come before anything on this page.");
        return told;
    }

    /** What to beware of with one plant; empty when nothing is known to be. */
    public static List<String> of(Cultivar plant, WatchList watchList) {
        List<String> general = of(List.of());
        return of(List.of(plant), watchList).stream()
                .filter(sentence -> !general.contains(sentence))
                .toList();
    }

    private static boolean spreads(Cultivar plant) {
        return plant.get(Traits.SPREADS_AT_ZONE).isPresent() || plant.is(Traits.SPREAD_MODE, SpreadMode.SELF_SEEDER);
    }

    private static void add(List<String> told, List<Cultivar> plants, Hazard hazard, String sentence) {
        String names = names(plants.stream()
                .filter(plant -> plant.has(Traits.HAZARDS, hazard))
                .toList());
        if (!names.isEmpty()) {
            told.add(sentence.formatted(names));
        }
    }

    private static String names(List<Cultivar> plants) {
        return plants.stream().map(Cultivar::name).collect(Collectors.joining(", "));
    }
}
