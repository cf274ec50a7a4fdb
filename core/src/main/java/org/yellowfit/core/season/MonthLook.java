package org.yellowfit.core.season;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.colour.Colour;

/**
 * A plant in one month (rule E1).
 *
 * @param month       1–12
 * @param standing    what is to be seen
 * @param leaves      main leaf colour first, then the second of a variegated leaf; empty when none is known or none shows
 * @param leafShare   leaves on the plant, 0–1
 * @param heightShare height this month as a share of the full height, 0–1
 * @param flower      colour of the flowers as they are this month
 * @param flowerShare share of the flowers open, 0–1
 * @param fruit       colour of the fruit when it shows
 * @param stem        colour of the stems when it shows
 */
public record MonthLook(int month, Standing standing, List<Colour> leaves, double leafShare, double heightShare,
                        Optional<Colour> flower, double flowerShare, Optional<Colour> fruit, Optional<Colour> stem) {
}
