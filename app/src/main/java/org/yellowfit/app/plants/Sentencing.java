package org.yellowfit.app.plants;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.place.PatchChoice;
import org.yellowfit.app.visit.Visit;

/** Makes the sentence with blanks of a visit, as it is kept or as it was typed. */
@Service
class Sentencing {

    private final CatalogueStore store;
    private final PatchChoice patches;

    Sentencing(CatalogueStore store, PatchChoice patches) {
        this.store = store;
        this.patches = patches;
    }

    SentencePage page(Visit visit) {
        return page(visit, JobForm.of(visit), WishForm.of(visit, store.labels()), Map.of());
    }

    SentencePage page(Visit visit, JobForm jobs, Map<String, String> typed, Map<String, String> problems) {
        boolean nothing = visit.wants().isNothing() && jobs.typed().isEmpty();
        return new SentencePage(
                SentencePage.slots(jobs, patches.names(visit)),
                WishPanels.of(typed, problems, store.nativeRegions()),
                nothing ? SentencePage.readyMade() : List.of());
    }
}
