package org.yellowfit.app.drawing;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;

/**
 * Draws plants of the made-up catalogue on one page, for looking at: picked ids, or a blind test of plants at random
 * months and ages, without names and with the answers in a file of their own.
 *
 * <p>{@code ContactSheet sheet.html blind SEED COUNT [SIZE]}, {@code ContactSheet sheet.html kept} or {@code
 * ContactSheet sheet.html SIZE id:month:years …}
 */
public final class ContactSheet {

    private static final int[] AGES = {2, 5, 10, 20};

    private ContactSheet() {}

    public static void main(String[] args) throws IOException {
        Path page = Path.of(args[0]);
        List<Cultivar> plants = DemoPlants.all();
        StringBuilder out = new StringBuilder(
                "<!doctype html><meta charset=utf-8><style>body{margin:8px;background:#fdfaf3;font:11px sans-serif}"
                        + "div{display:inline-block;margin:2px;vertical-align:bottom}b{display:block}</style>");
        if (args[1].equals("blind")) {
            blind(page, plants, Long.parseLong(args[2]), Integer.parseInt(args[3]), out);
        } else if (args[1].equals("kept")) {
            for (Cultivar plant : DemoPlants.kept()) {
                for (int years : DemoPlants.KEPT_AGES) {
                    for (int month : DemoPlants.KEPT_MONTHS) {
                        put(out, plant, month, years, 150, "%s:%d:%d".formatted(plant.id(), month, years));
                    }
                }
            }
        } else {
            int size = Integer.parseInt(args[1]);
            for (int i = 2; i < args.length; i++) {
                String[] asked = args[i].split(":");
                Cultivar plant = plants.stream()
                        .filter(each -> each.id().startsWith(asked[0]))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException("No plant begins with " + asked[0]));
                put(out, plant, Integer.parseInt(asked[1]), Integer.parseInt(asked[2]), size, args[i]);
            }
        }
        Files.writeString(page, out);
    }

    private static void blind(Path page, List<Cultivar> plants, long seed, int count, StringBuilder out)
            throws IOException {
        Random chance = new Random(seed);
        List<Cultivar> mixed = new ArrayList<>(plants);
        Collections.shuffle(mixed, chance);
        StringBuilder answers = new StringBuilder();
        for (int i = 0; i < count; i++) {
            Cultivar plant = mixed.get(i);
            int month = 1 + chance.nextInt(12);
            int years = AGES[chance.nextInt(AGES.length)];
            put(out, plant, month, years, 150, String.valueOf(i + 1));
            answers.append("%d %s | %s %s | month %d, %d years%n"
                    .formatted(i + 1, plant.name(), plant.kind(), plant.habit(), month, years));
        }
        Files.writeString(page.resolveSibling(page.getFileName() + ".answers"), answers);
    }

    private static void put(StringBuilder out, Cultivar plant, int month, int years, int size, String label) {
        Detail detail =
                size >= 500 ? Detail.PAGE : size >= 250 ? Detail.LARGE : size >= 100 ? Detail.CARD : Detail.SMALL;
        String svg = PlantDrawing.portrait(plant, GrowingPlace.ANYWHERE, years, month, detail);
        out.append("<div style=\"width:")
                .append(size)
                .append("px\"><b>")
                .append(label)
                .append("</b>");
        out.append(svg.replaceFirst("<svg ", "<svg width=" + size + " height=" + size + " "))
                .append("</div>");
    }
}
