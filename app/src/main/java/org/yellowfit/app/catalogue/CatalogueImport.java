package org.yellowfit.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.stereotype.Service;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.plant.Cultivar;

/** Brings an open catalogue file in and takes it out again. */
@Service
public class CatalogueImport {

    private final CatalogueStore store;

    CatalogueImport(CatalogueStore store) {
        this.store = store;
    }

    /**
     * @param dryRun   only tell what would change
     * @param keepGood store the rows without problems even when others have some; otherwise all or nothing
     */
    public ImportReport read(InputStream file, boolean dryRun, boolean keepGood) {
        CatalogueFile.Read read = CatalogueFile.read(file);
        List<Cultivar> changed = changed(read.plants());
        boolean refused = !read.problems().isEmpty() && (!keepGood || read.isBroken());
        if (!dryRun && !refused && !changed.isEmpty()) {
            store.save(changed);
        }
        String rejectedCsv = keepGood && !refused ? CatalogueFile.rejectedCsv(read) : null;
        return new ImportReport(read.plants().size(), changed.size(), read.rejectedRows().size(), read.unknownColumns(), read.problems(),
                rejectedCsv, !dryRun && !refused);
    }

    /** Sends the whole catalogue as a file to be saved. */
    public void download(HttpServletResponse response) throws IOException {
        response.setContentType("text/csv");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setHeader("Content-Disposition", "attachment; filename=\"catalogue.csv\"");
        try (Writer out = new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8)) {
            CatalogueFile.write(store.catalogue().all(), out);
        }
    }

    private List<Cultivar> changed(List<Cultivar> plants) {
        Catalogue kept = store.catalogue();
        return plants.stream().filter(plant -> kept.find(plant.id()).filter(plant::equals).isEmpty()).toList();
    }
}
