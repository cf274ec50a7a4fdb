package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.stock.StockFile;
import org.yellowfit.app.web.Download;

/** The yard of the token's shop. */
@RestController
@RequestMapping("/api/v1")
class StockApi {

    private final StockFile file;

    StockApi(StockFile file) {
        this.file = file;
    }

    @Operation(summary = "What stands in the yard, by plant and pot")
    @GetMapping(value = "/stock.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv() {
        return Download.csv("stock.csv", file.csv());
    }

    @Operation(
            summary = "Bring in stock.csv",
            description = "All or nothing, unless keepGood; dryRun tells what would change. Rows the file lacks stay.")
    @PostMapping(value = "/stock/import", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<ImportReport> read(
            @RequestParam(defaultValue = "false") boolean dryRun,
            @RequestParam(defaultValue = "false") boolean keepGood,
            @RequestBody(required = false) String csv) {
        ImportReport report = file.read(csv == null ? "" : csv, dryRun, keepGood);
        return ResponseEntity.status(report.isRefused() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK)
                .body(report);
    }
}
