package org.yellowfit.app.bed;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.core.bed.BedAims;
import org.yellowfit.core.bed.Grouping;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.takeoff.School;

/** The planting of a visit put into its beds; what is locked stays where it stands. */
@Service
public class BedPlacing {

    static final School USUAL_SCHOOL = School.MATURE;
    static final int USUAL_CLOSE_BY = 3;
    static final long USUAL_SEED = 1;

    private final BedPages pages;
    private final Beds beds;

    BedPlacing(BedPages pages, Beds beds) {
        this.pages = pages;
        this.beds = beds;
    }

    /** @param groupings by the plant's id; those usual where none is said */
    public void place(Visit visit, Map<String, Grouping> groupings, String who) {
        place(
                visit,
                new BedAims(USUAL_SCHOOL, USUAL_CLOSE_BY, Weaving.STEPPED, BedAims.USUAL_HORIZON, USUAL_SEED),
                groupings,
                who);
    }

    /** @return what found no room */
    List<BedModel.LeftView> place(Visit visit, BedAims aims, Map<String, Grouping> groupings, String who) {
        Map<String, BedPlant> now = new LinkedHashMap<>();
        beds.state(visit.id(), who).plants().forEach(plant -> now.put(plant.uid(), plant));
        BedPages.Placed placed = pages.place(visit, now, aims, groupings);
        beds.change(visit.id(), held -> placed.changes(), who);
        return placed.left();
    }
}
