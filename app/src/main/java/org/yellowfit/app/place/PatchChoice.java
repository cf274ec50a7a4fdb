package org.yellowfit.app.place;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.yellowfit.app.shop.LightWords;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.site.BedPatch;
import org.yellowfit.core.site.SiteStudy;

/** The patches of a visit's drawing, and going on with one of them. */
@Service
public class PatchChoice {

    private final LightWords light;
    private final Visits visits;
    private final DrawingStore store;
    private final Fragments fragments;

    PatchChoice(Visits visits, DrawingStore store, LightWords light, Fragments fragments) {
        this.fragments = fragments;
        this.light = light;
        this.visits = visits;
        this.store = store;
    }

    /** @param year 0 for the year the drawing shows; empty when nothing is drawn */
    public List<BedPatch> of(Visit visit, int year) {
        return store.drawing(visit)
                .map(drawing -> SiteStudy.of(
                                drawing,
                                year == 0 ? drawing.drawnIn() : year,
                                store.seasonMonths(visit),
                                light.cutoffs())
                        .patches())
                .orElse(List.of());
    }

    /** All that the patches hang on. */
    private record Drawn(List<Object> features, String at, List<Integer> season) {}

    /** What the patches are called. */
    public List<String> names(Visit visit) {
        return drawn(visit).stream().map(BedPatch::name).toList();
    }

    /** The patches in the year the drawing shows; the light is studied once for a drawing. */
    public List<BedPatch> drawn(Visit visit) {
        if (visit.drawn().isEmpty()) {
            return List.of();
        }
        String at = store.where(visit) + " " + visit.answers().get(VisitFields.NORTH, 0.0) + " "
                + DrawingStore.drawnIn(visit);
        Drawn key = new Drawn(DrawingStore.geoJson(visit), at, store.seasonMonths(visit));
        return fragments.once(key, () -> of(visit, 0));
    }

    /** What the visit would ask for this patch. */
    public Question question(Visit visit, BedPatch patch) {
        return visit.questionIf(PatchAnswers.of(patch));
    }

    /** Its light, room and limit become the site's. */
    public void goOnWith(UUID visit, BedPatch patch, String by) {
        visits.put(visit, PatchAnswers.of(patch), by);
    }
}
