package org.yellowfit.app.catalogue;

import org.yellowfit.core.plant.Trait;

/** Column names and cells of the catalogue as a person reads them. */
public final class TraitWords {

    private TraitWords() {}

    /** {@code height10_m} is “Height at ten years, m”. */
    public static String name(Trait<?> trait) {
        return switch (trait.name()) {
            case "height10_m" -> "Height at ten years, m";
            case "spread10_m" -> "Spread at ten years, m";
            case "height_max_m" -> "Ultimate height, m";
            case "spread_max_m" -> "Ultimate spread, m";
            case "flower_height_m" -> "Height in flower, m";
            case "zone_min" -> "Coldest zone";
            case "zone_max" -> "Warmest zone";
            case "sun_live_h" -> "Sun to live, h";
            case "sun_flower_h" -> "Sun to flower well, h";
            case "sun_colour_h" -> "Sun to hold leaf colour, h";
            case "sun_max_h" -> "Most sun, h";
            case "hot_sun_max_h" -> "Most hot sun, h";
            case "moisture" -> "Moisture, 1 dry to 5 wet";
            case "ph" -> "Soil pH";
            case "care_min_year" -> "Care, minutes a year";
            case "deadhead_min" -> "Deadheading, minutes a year";
            case "divide_years" -> "Divide every, years";
            case "slow_start_years" -> "Slow start, years";
            case "looks_good_from" -> "Looks good from moisture";
            case "bloom" -> "Bloom";
            default -> sentence(trait.name().replaceAll("_(m|h)$", "").replace('_', ' '));
        };
    }

    /** Lists with commas, ranges with a dash, colours by name, bloom in words. */
    public static String value(Trait<?> trait, String cell) {
        if (cell.isEmpty()) {
            return "not known";
        }
        if (trait.name().equals("bloom")) {
            return bloom(cell);
        }
        return cell.replaceAll("#[0-9a-f]{6}", "").replace("|", ", ").replace("..", "–");
    }

    private static String bloom(String cell) {
        String[] ends = cell.split("\\.\\.");
        return third(ends[0]) + " to " + third(ends[1]);
    }

    private static String third(String text) {
        String[] parts = text.split("\\.");
        String month = java.time.Month.of(Integer.parseInt(parts[0]))
                .getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH);
        return new String[] {"early ", "mid ", "late "}[Integer.parseInt(parts[1]) - 1] + month;
    }

    private static String sentence(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
