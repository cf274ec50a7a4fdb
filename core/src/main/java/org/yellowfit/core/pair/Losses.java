package org.yellowfit.core.pair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.Merits;

/** What is always said of a stand-in (rule H7): it drops its leaves, makes no show, is less hardy, or is larger. */
public final class Losses {

    /** From so much larger on, the eye and the room feel it; our judgement. */
    private static final double LARGER = 1.2;

    /** By trait, so that files and other programs can name it. */
    public record Loss(String trait, Fact said) {}

    private Losses() {}

    public static List<Loss> of(Cultivar asked, Cultivar other) {
        List<Loss> losses = new ArrayList<>();
        if (asked.persistence() == Persistence.EVERGREEN && other.persistence() != Persistence.EVERGREEN) {
            losses.add(new Loss(Traits.PERSISTENCE.name(), Fact.of("loss.leaves", other.persistence())));
        }
        lostShow(asked, other)
                .ifPresent(merit -> losses.add(new Loss(Traits.MERITS.name(), Fact.of("loss.show", merit))));
        Optional<HardinessZone> own = other.get(Traits.ZONE_MIN);
        Optional<HardinessZone> theirs = asked.get(Traits.ZONE_MIN);
        if (own.isPresent()
                && theirs.isPresent()
                && own.get().half() > theirs.get().half()) {
            losses.add(new Loss(
                    Traits.ZONE_MIN.name(),
                    Fact.of("loss.zone", own.get().label(), theirs.get().label())));
        }
        larger(
                losses,
                Traits.HEIGHT10.name(),
                "loss.higher",
                asked.height10().mid(),
                other.height10().mid());
        larger(
                losses,
                Traits.SPREAD10.name(),
                "loss.wider",
                asked.spread10().mid(),
                other.spread10().mid());
        return losses;
    }

    private static void larger(List<Loss> losses, String trait, String key, double asked, double other) {
        if (other > LARGER * asked) {
            losses.add(new Loss(trait, Fact.of(key, Amount.metres(other), Amount.metres(asked))));
        }
    }

    /** What the plant asked for is chiefly grown for, and the other has nothing of. */
    private static Optional<Merit> lostShow(Cultivar asked, Cultivar other) {
        Merits merits = Merits.of(asked);
        Set<Merit> chief = merits.chief();
        Merits others = Merits.of(other);
        boolean any = chief.stream().anyMatch(merit -> others.grade(merit) > 0);
        return any ? Optional.empty() : chief.stream().sorted().findFirst();
    }
}
