package org.yellowfit.app.place;

import java.util.Optional;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.site.BedPatch;
import org.yellowfit.core.site.SpotLimit;

/** What a patch of the drawing says of the site. */
final class PatchAnswers {

    private PatchAnswers() {}

    static Edit of(BedPatch patch) {
        Provenance from = Provenance.computed(Sentences.say("from.patch", patch.name()));
        Optional<SpotLimit> limit = patch.lowestLimit();
        return new Edit()
                .set(VisitFields.site(SiteFields.SUN_HOURS), patch.light().hours(), from)
                .set(VisitFields.site(SiteFields.HOT_HOURS), patch.light().hot(), from)
                .set(VisitFields.SUN_BIAS, patch.light().bias(), from)
                .set(VisitFields.site(SiteFields.REFLECTED_HEAT), patch.reflectedHeat(), from)
                .set(VisitFields.site(SiteFields.LENGTH), patch.lengthM(), from)
                .set(VisitFields.site(SiteFields.DEPTH), patch.depthM(), from)
                .set(
                        VisitFields.site(SiteFields.MAX_HEIGHT),
                        limit.map(SpotLimit::metres).orElse(null),
                        limit.map(each -> Provenance.computed(Sentences.say("from.drawing", each.because())))
                                .orElse(from))
                .set(VisitFields.LIMITED_BY, limit.map(SpotLimit::by).orElse(null))
                .set(VisitFields.PATCH, patch.name())
                .set(VisitFields.PATCH_AREA, patch.light().areaM2())
                .set(VisitFields.UNDER_ROOF, patch.underRoof())
                .set(VisitFields.SLOPE, patch.slopePercent().orElse(null));
    }
}
