package org.yellowfit.app.planting;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Live;
import org.yellowfit.core.fit.Substitutes;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.palette.PlantingFields.Chosen;
import org.yellowfit.core.plant.Cultivar;

/** Plantings that were liked, kept and laid over other places (rule G10). */
@Service
class Recipes {

    /** Of the likest that live there, so many are looked at for one that is not in the planting yet. */
    private static final int LOOKED_AT = 12;

    /** @param told what was replaced or left out, in words */
    record Laid(List<Chosen> plants, List<String> told) {}

    private final RecipeRepository recipes;

    Recipes(RecipeRepository recipes) {
        this.recipes = recipes;
    }

    /** One as the page shows it. */
    record Kept(long id, String name, int kinds, String by) {}

    /** By name. */
    List<Kept> all() {
        return recipes.findAllByOrderByName().stream()
                .map(each -> new Kept(each.id(), each.name(), each.plants().size(), each.keptBy()))
                .toList();
    }

    Optional<Recipe> find(long id) {
        return recipes.findById(id);
    }

    /** Under a name that is there already, the newer takes its place. */
    @Transactional
    void keep(String name, List<Chosen> plants, double areaM2, String by) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > Recipe.LONGEST_NAME) {
            throw InvalidInput.at("name", "Give the recipe a name of at most %s letters.", Recipe.LONGEST_NAME);
        }
        if (plants.isEmpty()) {
            throw InvalidInput.at("name", "There is nothing planted to be kept.");
        }
        Recipe recipe = recipes.findByName(plain).orElseGet(() -> new Recipe(plain));
        recipe.set(plants, areaM2, by, Instant.now());
        recipes.save(recipe);
    }

    @Transactional
    void forget(long id) {
        recipes.deleteById(id);
    }

    /** The recipe at a place: as many for its ground, what does not live there replaced by the nearest that does. */
    Laid lay(Recipe recipe, Planting.Bed bed) {
        Fit fit = new Fit(bed.catalogue());
        double scale = bed.areaM2() / recipe.areaM2();
        List<Chosen> plants = new ArrayList<>();
        List<String> told = new ArrayList<>();
        for (Chosen each : recipe.plants()) {
            Optional<Cultivar> plant = bed.catalogue().find(each.id());
            if (plant.isEmpty()) {
                told.add(Sentences.say("recipe.unknown", each.id()));
                continue;
            }
            boolean lives = fit.these(bed.plots().get(0).question(), List.of(each.id()))
                            .get(0)
                            .live()
                    != Live.NO;
            int count = (int) Math.max(1, Math.round(each.count() * scale));
            Optional<Cultivar> there = lives ? plant : nearest(plant.get(), bed, plants, recipe);
            if (there.isEmpty()) {
                told.add(Sentences.say("recipe.left-out", plant.get().name()));
            } else {
                plants.add(new Chosen(there.get().id(), "", count, each.locked()));
                if (!lives) {
                    told.add(Sentences.say(
                            "recipe.replaced", plant.get().name(), there.get().name()));
                }
            }
        }
        return new Laid(plants, told);
    }

    private static Optional<Cultivar> nearest(Cultivar gone, Planting.Bed bed, List<Chosen> there, Recipe recipe) {
        return Substitutes.of(bed.catalogue(), gone, bed.plots().get(0).question(), true, LOOKED_AT).stream()
                .filter(offer -> offer.verdict() != Verdict.NO)
                .map(Substitutes.Offer::plant)
                .filter(plant -> there.stream().noneMatch(each -> each.id().equals(plant.id()))
                        && recipe.plants().stream().noneMatch(each -> each.id().equals(plant.id())))
                .findFirst();
    }
}
