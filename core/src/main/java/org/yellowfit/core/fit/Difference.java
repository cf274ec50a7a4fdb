package org.yellowfit.core.fit;

import java.util.Optional;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.pair.Companion;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;

/** In what another plant is to differ from one asked for: “like this one, but …”. */
public enum Difference {
    SMALLER {
        @Override
        public boolean holds(Cultivar asked, Cultivar other) {
            return other.height10().mid() < SMALLER_TO * asked.height10().mid()
                    && other.spread10().mid()
                            < NOT_WIDER_THAN * asked.spread10().mid();
        }
    },
    HARDIER {
        @Override
        public boolean holds(Cultivar asked, Cultivar other) {
            return other.get(Traits.ZONE_MIN)
                            .orElseThrow()
                            .compareTo(asked.get(Traits.ZONE_MIN).orElseThrow())
                    < 0;
        }
    },
    EARLIER {
        @Override
        public boolean holds(Cultivar asked, Cultivar other) {
            Optional<Bloom> one = asked.get(Traits.BLOOM);
            Optional<Bloom> two = other.get(Traits.BLOOM);
            return one.isPresent()
                    && two.isPresent()
                    && two.get().startThird() < one.get().startThird();
        }
    },
    REPEATS {
        @Override
        public boolean holds(Cultivar asked, Cultivar other) {
            return other.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE;
        }
    },
    OTHER_COLOUR {
        @Override
        public boolean holds(Cultivar asked, Cultivar other) {
            Optional<Colour> one = Companion.shown(asked);
            Optional<Colour> two = Companion.shown(other);
            return one.isPresent()
                    && two.isPresent()
                    && one.get().lab().distanceTo(two.get().lab()) > READS_AS_ANOTHER;
        }
    };

    /** Less than a sixth shorter is not seen as smaller: our judgement, like the next two. */
    private static final double SMALLER_TO = 0.85;

    private static final double NOT_WIDER_THAN = 1.05;
    /** OKLab. */
    private static final double READS_AS_ANOTHER = 0.14;

    /** Whether {@code other} is so beside {@code asked}; what is not known of either is no difference. */
    public abstract boolean holds(Cultivar asked, Cultivar other);
}
