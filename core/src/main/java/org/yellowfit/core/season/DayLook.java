package org.yellowfit.core.season;

import static org.yellowfit.core.measure.Checks.share;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.colour.Colour;

/**
 * What a plant shows on one day (rule E1).
 *
 * @param standing    what is to be seen
 * @param leaves      main leaf colour first, then the second: of a variegated leaf, or of an evergreen’s new shoots;
 *                    empty when none is known or none shows
 * @param leafShare   leaves on the plant, 0–1
 * @param heightShare height on this day as a share of the full height, 0–1
 * @param flower      colour of the flowers as they have aged by now
 * @param flowerShare share of the flowers open, 0–1
 * @param fruit       colour of the fruit when it shows
 * @param stem        colour of the stems when they show
 */
public record DayLook(
        Standing standing,
        List<Colour> leaves,
        double leafShare,
        double heightShare,
        Optional<Colour> flower,
        double flowerShare,
        Optional<Colour> fruit,
        Optional<Colour> stem) {
    public DayLook {
        share("The leaves", leafShare);
        share("The height", heightShare);
        share("The flowers", flowerShare);
    }
}
