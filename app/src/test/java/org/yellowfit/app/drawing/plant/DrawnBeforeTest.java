package org.yellowfit.app.drawing.plant;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;

/**
 * Forty plants in four months at two ages, as they were when a person last looked at them: eight by eight fields
 * of each
 * picture. Where one differs, draw the sheet with {@code ContactSheet sheet.html kept}, look at it, and record anew by
 * running this class's main in {@code app}.
 */
class DrawnBeforeTest {

    private static final Path RECORD = Path.of("src/test/resources/drawn-before.csv");
    /** Of 16 steps of a field's lightness; another machine's arithmetic moves a leaf or two. */
    private static final int ALIKE = 1;

    @Test
    void theDrawingsAreThoseThatWereLookedAt() throws IOException {
        List<String> before = Files.readAllLines(RECORD);
        List<String> now = drawn();
        assertThat(now).hasSameSizeAs(before);
        for (int i = 0; i < now.size(); i++) {
            assertThat(isLike(before.get(i), now.get(i)))
                    .as("%n%s%n%s", before.get(i), now.get(i))
                    .isTrue();
        }
    }

    private static boolean isLike(String one, String other) {
        int comma = one.lastIndexOf(',') + 1;
        if (one.length() != other.length() || !other.startsWith(one.substring(0, comma))) {
            return false;
        }
        for (int i = comma; i < one.length(); i++) {
            if (Math.abs(Character.digit(one.charAt(i), 16) - Character.digit(other.charAt(i), 16)) > ALIKE) {
                return false;
            }
        }
        return true;
    }

    public static void main(String[] args) throws IOException {
        Files.write(RECORD, drawn());
    }

    private static List<String> drawn() throws IOException {
        List<String> lines = new ArrayList<>();
        for (Cultivar plant : DemoPlants.kept()) {
            for (int years : DemoPlants.KEPT_AGES) {
                for (int month : DemoPlants.KEPT_MONTHS) {
                    String drawing = PlantDrawing.sketch(plant, GrowingPlace.ANYWHERE, years, month, Detail.CARD)
                            .svg();
                    lines.add(plant.id() + "," + years + "," + month + ","
                            + SvgExtent.painted(drawing).seen());
                }
            }
        }
        return lines;
    }
}
