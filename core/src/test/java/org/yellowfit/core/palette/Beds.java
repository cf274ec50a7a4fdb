package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.Plants;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.season.GrowingPlace;

/** Beds, aims and plants of a planting from a few words. */
final class Beds {

    private Beds() {}

    /** A patch of nothing but its size: every plant lives there. */
    static Plot ground(String name, double areaM2) {
        return ground(name, areaM2, Map.of());
    }

    static Plot ground(String name, double areaM2, Map<String, ?> site) {
        List<Problem> problems = new ArrayList<>();
        Question question = new Question(
                SiteReader.site(site, "", problems), SiteReader.wants(Map.of(), "", problems), Policy.STANDARD);
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException(problems.toString());
        }
        return new Plot(name, areaM2, null, question, GrowingPlace.ANYWHERE);
    }

    static Aims aims(Object... pairs) {
        Map<String, Object> values = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            values.put((String) pairs[i], pairs[i + 1]);
        }
        List<Problem> problems = new ArrayList<>();
        Aims aims = Aims.read(new InputReader(values, "", problems));
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException(problems.toString());
        }
        return aims;
    }

    static Planted planted(String id, int count) {
        return new Planted(id, "A", count == 0 ? null : count);
    }

    /** A plant whose flowers show in the months of its bloom only. */
    static Cultivar plant(String id, String cells) {
        return Plants.plant("id=" + id + " botanical=Testa+" + id + " kind=perennial persistence=herbaceous "
                + "pot_ok=yes care_min_year=10 sizes_sold=1+l:5.00 " + cells);
    }
}
