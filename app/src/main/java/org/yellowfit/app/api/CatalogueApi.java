package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.CatalogueImport;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.plant.Cultivar;

@RestController
@RequestMapping("/api/v1")
class CatalogueApi {

    /** A cultivar as its cells, the same content as a row of the file. */
    record CultivarJson(String id, String name, Map<String, String> traits, Map<String, String> notes, List<Object> claims) {

        static CultivarJson of(Cultivar plant) {
            Map<String, String> traits = plant.toCells();
            traits.keySet().removeAll(plant.notes().keySet());
            return new CultivarJson(plant.id(), plant.name(), traits, plant.notes(), List.of());
        }
    }

    private final CatalogueImport catalogueImport;
    private final CatalogueStore store;

    CatalogueApi(CatalogueImport catalogueImport, CatalogueStore store) {
        this.catalogueImport = catalogueImport;
        this.store = store;
    }

    @Operation(summary = "Bring in a catalogue file (CSV)", description = "All or nothing, unless keepGood; dryRun tells what would change.")
    @PostMapping(value = "/catalogue/import", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<ImportReport> read(@RequestParam(defaultValue = "false") boolean dryRun, @RequestParam(defaultValue = "false") boolean keepGood,
                                      HttpServletRequest request) throws IOException {
        ImportReport report = catalogueImport.read(request.getInputStream(), dryRun, keepGood);
        return ResponseEntity.status(report.isRefused() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK).body(report);
    }

    @Operation(summary = "The whole catalogue as CSV")
    @GetMapping("/catalogue/export.csv")
    void csv(HttpServletResponse response) throws IOException {
        catalogueImport.download(response);
    }

    @Operation(summary = "The whole catalogue as JSON")
    @GetMapping(value = "/catalogue/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    List<Map<String, String>> json() {
        return store.catalogue().all().stream().map(Cultivar::toCells).toList();
    }

    @Operation(summary = "One cultivar with its claims")
    @GetMapping(value = "/cultivars/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    CultivarJson one(@PathVariable String id) {
        return store.find(id).map(CultivarJson::of).orElseThrow(() -> new NotFound("The catalogue has no cultivar with the id “" + id + "”."));
    }
}
