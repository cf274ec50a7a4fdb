package org.yellowfit.app.catalogue;

import java.time.Month;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.plant.Trait;

/** Column names and cells of the catalogue as a person reads them. */
public final class TraitWords {

    private TraitWords() {}

    /** {@code height10_m} is “Height at ten years, m”. */
    public static String name(Trait<?> trait) {
        return Sentences.find("trait." + trait.name() + ".unit")
                .map(unit -> alone(trait) + ", " + unit)
                .orElseGet(() -> alone(trait));
    }

    /** The name without the unit of its cells, for where no cell follows. */
    public static String alone(Trait<?> trait) {
        return Sentences.find("trait." + trait.name())
                .orElseGet(() -> sentence(trait.name().replaceAll("_(m|h)$", "").replace('_', ' ')));
    }

    /** Lists with commas, ranges with a dash, colours by name, bloom in words. */
    public static String value(Trait<?> trait, String cell) {
        if (cell.isEmpty()) {
            return Sentences.say("trait.not-known");
        }
        if (trait.name().equals("bloom")) {
            return bloom(cell);
        }
        return cell.replaceAll("#[0-9a-f]{6}", "").replace("|", ", ").replace("..", "–");
    }

    private static String bloom(String cell) {
        String[] ends = cell.split("\\.\\.");
        return Sentences.say("trait.bloom.from-to", third(ends[0]), third(ends[1]));
    }

    private static String third(String text) {
        String[] parts = text.split("\\.");
        return Sentences.say("trait.bloom.third-" + parts[1], Month.of(Integer.parseInt(parts[0])));
    }

    private static String sentence(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
