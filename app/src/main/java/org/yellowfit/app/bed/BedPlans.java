package org.yellowfit.app.bed;

import java.util.List;
import org.springframework.stereotype.Service;
import org.yellowfit.app.takeaway.PlanSheets;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.words.Sentences;

/** The plans to set out by, for the handout. */
@Service
class BedPlans implements PlanSheets {

    private final BedPages pages;
    private final Beds beds;

    BedPlans(BedPages pages, Beds beds) {
        this.beds = beds;
        this.pages = pages;
    }

    @Override
    public List<Plan> plans(Visit visit) {
        // The place is studied for a bed that is planted only.
        if (beds.planted(visit.id()).isEmpty()) {
            return List.of();
        }
        return pages.sheets(visit, pages.site(visit), "").stream()
                .map(SetOut::sheet)
                .map(BedPlans::plan)
                .toList();
    }

    private static Plan plan(SetOut.Sheet sheet) {
        return new Plan(
                sheet.bed(),
                sheet.svg(),
                Sentences.say("page.set-out.how", sheet.fixedA(), sheet.fixedB()),
                sheet.rows().stream()
                        .map(row -> new Row(
                                row.number(),
                                row.botanical() + (row.cultivar().isEmpty() ? "" : " ‘" + row.cultivar() + "’"),
                                row.fromA(),
                                row.fromB(),
                                row.offLine()))
                        .toList());
    }
}
