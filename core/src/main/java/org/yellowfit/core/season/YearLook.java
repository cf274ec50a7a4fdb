package org.yellowfit.core.season;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** Twelve months of a plant north of the equator, its bloom moved from the zone it was noted at to the zone of the place. */
public final class YearLook {

    /**
     * Later spring for each colder half-zone, in days: our estimate, after A. D. Hopkins' bioclimatic law (1918; four days
     * a degree of latitude) and about one half-zone a degree in the east of North America.
     */
    static final double DAYS_PER_HALF_ZONE = 3.5;

    private static final double[] DECIDUOUS_LEAF = {0, 0, 0, 0.45, 1, 1, 1, 1, 1, 0.9, 0.25, 0};
    private static final double[] LATE_LEAF = {0, 0, 0, 0, 0.4, 0.85, 1, 1, 1, 0.9, 0.25, 0};
    private static final double[] CLUMP_HEIGHT = {0, 0, 0.08, 0.3, 0.65, 0.9, 1, 1, 1, 1, 0.9, 0};
    private static final double[] LATE_CLUMP_HEIGHT = {0, 0, 0, 0.08, 0.35, 0.7, 0.95, 1, 1, 1, 0.9, 0};
    private static final double[] ANNUAL_HEIGHT = {0, 0, 0, 0, 0.35, 0.7, 1, 1, 1, 0.9, 0, 0};
    private static final int CUT_DOWN_MONTH = 3;
    private static final Colour STRAW = new Colour("straw", 0xc8b27e);
    private static final Colour BARK = new Colour("bark", 0x7d6a58);

    private final Cultivar plant;
    private final Bloom bloom;
    private final boolean late;

    private YearLook(Cultivar plant, Bloom bloom) {
        this.plant = plant;
        this.bloom = bloom;
        this.late = plant.is(Traits.LATE_RISER, YesNo.YES);
    }

    /** @param zone of the place; without it the bloom stays where the catalogue has it */
    public static YearLook of(Cultivar plant, Optional<HardinessZone> zone) {
        return new YearLook(plant, localBloom(plant, zone).orElse(null));
    }

    public static Optional<Bloom> localBloom(Cultivar plant, Optional<HardinessZone> zone) {
        return plant.get(Traits.BLOOM).map(noted -> noted.movedByDays(daysLater(plant, zone)));
    }

    public List<MonthLook> months() {
        return IntStream.rangeClosed(1, 12).mapToObj(this::month).toList();
    }

    public MonthLook month(int month) {
        if (!(month >= 1 && month <= 12)) {
            throw new IllegalArgumentException("Months run from 1 to 12.");
        }
        Standing standing = standing(month);
        boolean visible = standing != Standing.BELOW_GROUND;
        double open = visible && standing != Standing.STRAW ? flowerShare(month) : 0;
        return new MonthLook(month, standing, leaves(month, standing), leafShare(month, standing), heightShare(month, standing),
                open > 0 ? flowerColour(month) : Optional.empty(), open,
                visible ? fruit(month) : Optional.empty(), stem(standing));
    }

    private static double daysLater(Cultivar plant, Optional<HardinessZone> zone) {
        if (zone.isEmpty() || plant.get(Traits.BLOOM_ZONE).isEmpty()) {
            return 0;
        }
        return DAYS_PER_HALF_ZONE * (plant.get(Traits.BLOOM_ZONE).get().half() - zone.get().half());
    }

    private Standing standing(int month) {
        return switch (plant.persistence()) {
            case EVERGREEN, SEMI_EVERGREEN -> Standing.IN_LEAF;
            case DECIDUOUS -> leafTable()[month - 1] > 0 ? Standing.IN_LEAF : Standing.BARE_STEMS;
            case ANNUAL -> ANNUAL_HEIGHT[month - 1] > 0 ? Standing.IN_LEAF : Standing.BELOW_GROUND;
            case HERBACEOUS -> herbaceous(month);
        };
    }

    private Standing herbaceous(int month) {
        if (plant.kind() == Kind.BULB && bloom != null) {
            return bulbIsUp(month) ? Standing.IN_LEAF : Standing.BELOW_GROUND;
        }
        if (clumpTable()[month - 1] > 0 && month != 11) {
            return Standing.IN_LEAF;
        }
        boolean winter = month >= 11 || month < CUT_DOWN_MONTH;
        return winter && plant.is(Traits.STANDS_WINTER, YesNo.YES) ? Standing.STRAW : Standing.BELOW_GROUND;
    }

    /** A bulb shows from about a month before its bloom to two months after. */
    private boolean bulbIsUp(int month) {
        int sinceLeaf = Math.floorMod((month - 1) * 3 + 1 - (bloom.startThird() - 4), Bloom.THIRDS);
        return sinceLeaf <= bloom.lengthThirds() + 10;
    }

    private double leafShare(int month, Standing standing) {
        if (standing != Standing.IN_LEAF) {
            return 0;
        }
        return switch (plant.persistence()) {
            case DECIDUOUS -> leafTable()[month - 1];
            case SEMI_EVERGREEN -> month <= 3 || month == 12 ? 0.55 : 1;
            default -> 1;
        };
    }

    private double heightShare(int month, Standing standing) {
        return switch (standing) {
            case BELOW_GROUND -> 0;
            case STRAW -> 0.9;
            case BARE_STEMS -> 1;
            case IN_LEAF -> inLeafHeight(month);
        };
    }

    private double inLeafHeight(int month) {
        if (plant.persistence() == Persistence.ANNUAL) {
            return ANNUAL_HEIGHT[month - 1];
        }
        boolean diesBack = plant.persistence() == Persistence.HERBACEOUS && plant.kind() != Kind.BULB;
        return diesBack ? clumpTable()[month - 1] : 1;
    }

    private double[] leafTable() {
        return late ? LATE_LEAF : DECIDUOUS_LEAF;
    }

    private double[] clumpTable() {
        return late ? LATE_CLUMP_HEIGHT : CLUMP_HEIGHT;
    }

    private List<Colour> leaves(int month, Standing standing) {
        if (standing == Standing.STRAW) {
            List<Colour> winter = plant.colours(Traits.LEAF_WINTER);
            return winter.isEmpty() ? List.of(STRAW) : winter;
        }
        if (standing != Standing.IN_LEAF) {
            return List.of();
        }
        List<Colour> summer = plant.colours(Traits.LEAF_SUMMER);
        List<Colour> ofSeason = switch (month) {
            case 3, 4, 5 -> plant.colours(Traits.LEAF_SPRING);
            case 10, 11 -> plant.colours(Traits.LEAF_AUTUMN);
            case 12, 1, 2 -> plant.colours(Traits.LEAF_WINTER);
            default -> summer;
        };
        return ofSeason.isEmpty() ? summer : ofSeason;
    }

    /** Share of the flowers open: the middle third of each of the month's thirds, rising and falling at the ends of the spell. */
    private double flowerShare(int month) {
        if (bloom == null) {
            return 0;
        }
        double sum = 0;
        for (int third = (month - 1) * 3; third < month * 3; third++) {
            sum += openInThird(third);
        }
        return sum / 3;
    }

    private double openInThird(int third) {
        int since = Math.floorMod(third - bloom.startThird(), Bloom.THIRDS);
        int length = bloom.lengthThirds();
        if (since < length) {
            int fromEnd = Math.min(since, length - 1 - since);
            return length <= 2 || fromEnd >= 1 ? 1 : 0.6;
        }
        return openAgain(third, since - length);
    }

    private double openAgain(int third, int after) {
        boolean beforeFrost = third >= 9 && third < 30;
        Rebloom rebloom = plant.get(Traits.REBLOOM).orElse(Rebloom.NONE);
        if (!beforeFrost || rebloom == Rebloom.NONE) {
            return 0;
        }
        if (rebloom == Rebloom.CONTINUOUS) {
            return third > bloom.startThird() ? 0.5 : 0;
        }
        return after >= 3 && after < 6 ? 0.4 : 0;
    }

    /** Flowers age through their colours over the spell. */
    private Optional<Colour> flowerColour(int month) {
        List<Colour> colours = plant.colours(Traits.FLOWER_COLOURS);
        if (colours.isEmpty()) {
            return Optional.empty();
        }
        double since = Math.max(0, (month - 1) * 3 + 1.0 - bloom.startThird());
        int stage = (int) (since / Math.max(1, bloom.lengthThirds()) * colours.size());
        return Optional.of(colours.get(Math.min(colours.size() - 1, stage)));
    }

    private Optional<Colour> fruit(int month) {
        boolean shows = plant.get(Traits.FRUIT_MONTHS).map(months -> months.contains(month)).orElse(false);
        return shows ? plant.get(Traits.FRUIT) : Optional.empty();
    }

    private Optional<Colour> stem(Standing standing) {
        if (standing == Standing.BARE_STEMS) {
            return Optional.of(plant.get(Traits.STEM_WINTER).orElse(BARK));
        }
        return Optional.empty();
    }
}
