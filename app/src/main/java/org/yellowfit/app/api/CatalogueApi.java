package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
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
import org.yellowfit.app.catalogue.FileKind;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.claims.Sources;
import org.yellowfit.core.claims.TraitSources;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;

@RestController
@RequestMapping("/api/v1")
class CatalogueApi {

    /** A claim as a row of {@code claims.csv}. */
    record ClaimJson(String column, String value, String source, String sourceKind, Double atAgeYears, String place) {

        static ClaimJson of(Claim claim) {
            return new ClaimJson(
                    claim.trait().name(),
                    claim.value(),
                    claim.source(),
                    Words.of(claim.kind()),
                    claim.atAgeYears().isPresent() ? claim.atAgeYears().getAsDouble() : null,
                    claim.place());
        }
    }

    /** What each policy uses of a trait sources speak of. */
    record UsedJson(String column, boolean disagree, String cautious, String standard, String bold) {}

    /** A cultivar as its cells, the same content as a row of the file, and what sources say beside it. */
    record CultivarJson(
            String id,
            String name,
            Map<String, String> traits,
            Map<String, String> notes,
            List<ClaimJson> claims,
            List<UsedJson> used) {

        static CultivarJson of(Cultivar plant, List<Claim> claims) {
            Map<String, String> traits = plant.toCells();
            traits.keySet().removeAll(plant.notes().keySet());
            return new CultivarJson(
                    plant.id(),
                    plant.name(),
                    traits,
                    plant.notes(),
                    claims.stream().map(ClaimJson::of).toList(),
                    used(Sources.of(plant, claims)));
        }

        private static List<UsedJson> used(Sources sources) {
            List<TraitSources> cautious = sources.standpoints(Policy.CAUTIOUS);
            List<TraitSources> standard = sources.standpoints(Policy.STANDARD);
            List<TraitSources> bold = sources.standpoints(Policy.BOLD);
            return IntStream.range(0, standard.size())
                    .mapToObj(i -> new UsedJson(
                            standard.get(i).trait().name(),
                            standard.get(i).disagrees(),
                            cautious.get(i).used(),
                            standard.get(i).used(),
                            bold.get(i).used()))
                    .toList();
        }
    }

    private final CatalogueImport catalogueImport;
    private final CatalogueStore store;
    private final Trail trail;

    CatalogueApi(CatalogueImport catalogueImport, CatalogueStore store, Trail trail) {
        this.trail = trail;
        this.catalogueImport = catalogueImport;
        this.store = store;
    }

    @Operation(
            summary = "Bring in a catalogue file (CSV)",
            description = "All or nothing, unless keepGood; dryRun tells what would change.")
    @PostMapping(
            value = "/catalogue/import",
            consumes = MediaType.ALL_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<ImportReport> read(
            @RequestParam(defaultValue = "false") boolean dryRun,
            @RequestParam(defaultValue = "false") boolean keepGood,
            HttpServletRequest request)
            throws IOException {
        boolean isJson = String.valueOf(request.getContentType()).startsWith(MediaType.APPLICATION_JSON_VALUE);
        return read(request, isJson ? FileKind.CATALOGUE_JSON : FileKind.CATALOGUE_CSV, dryRun, keepGood);
    }

    @Operation(
            summary = "Bring in claims.csv",
            description =
                    "What sources say beside the catalogue's own row; rows that are there already change nothing.")
    @PostMapping(
            value = "/catalogue/claims/import",
            consumes = MediaType.ALL_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<ImportReport> readClaims(
            @RequestParam(defaultValue = "false") boolean dryRun,
            @RequestParam(defaultValue = "false") boolean keepGood,
            HttpServletRequest request)
            throws IOException {
        return read(request, FileKind.CLAIMS_CSV, dryRun, keepGood);
    }

    /** The file is here, whole, before a connection to the database is taken: a slow sender keeps none of them. */
    private ResponseEntity<ImportReport> read(
            HttpServletRequest request, FileKind kind, boolean dryRun, boolean keepGood) throws IOException {
        Path here = Files.createTempFile("yellow-fit-import", ".upload");
        ImportReport report;
        try {
            Files.copy(request.getInputStream(), here, StandardCopyOption.REPLACE_EXISTING);
            try (InputStream file = Files.newInputStream(here)) {
                report = catalogueImport.read(file, kind, dryRun, keepGood);
            }
        } finally {
            Files.delete(here);
        }
        if (report.stored()) {
            trail.note(Trail.Deed.CATALOGUE, kind.name());
        }
        return ResponseEntity.status(report.isRefused() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK)
                .body(report);
    }

    @Operation(summary = "The whole catalogue as CSV")
    @GetMapping("/catalogue/export.csv")
    void csv(@RequestParam(defaultValue = "true") boolean neutral, HttpServletResponse response) throws IOException {
        catalogueImport.download(neutral, response);
    }

    @Operation(summary = "All claims as CSV")
    @GetMapping("/catalogue/claims.csv")
    void claims(@RequestParam(defaultValue = "true") boolean neutral, HttpServletResponse response) throws IOException {
        catalogueImport.downloadClaims(neutral, response);
    }

    @Operation(summary = "The whole catalogue as JSON")
    @GetMapping(value = "/catalogue/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    void json(HttpServletResponse response) throws IOException {
        catalogueImport.downloadJson(response);
    }

    @Operation(summary = "One cultivar with its claims")
    @GetMapping(value = "/cultivars/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    CultivarJson one(@PathVariable String id) {
        return store.label(id)
                .map(plant -> CultivarJson.of(plant, store.claims(id)))
                .orElseThrow(() -> new NotFound("The catalogue has no cultivar with the id “%s”.", id));
    }
}
