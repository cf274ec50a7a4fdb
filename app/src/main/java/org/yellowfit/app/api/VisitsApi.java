package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.bed.VisitExchange;
import org.yellowfit.app.visit.Visits;

/** Visits of the token's shop, whole. */
@RestController
@RequestMapping(value = "/api/v1/visits", produces = MediaType.APPLICATION_JSON_VALUE)
class VisitsApi {

    private static final int MOST = 1000;

    record VisitRow(UUID id, String place, Instant changedAt) {}

    private final Visits visits;
    private final VisitExchange exchange;
    private final Json json;

    VisitsApi(Visits visits, VisitExchange exchange, Json json) {
        this.visits = visits;
        this.exchange = exchange;
        this.json = json;
    }

    @Operation(summary = "The visits, the latest first")
    @GetMapping
    List<VisitRow> all() {
        return visits.latest(MOST).stream()
                .map(visit -> new VisitRow(visit.id(), visit.place(), visit.changedAt()))
                .toList();
    }

    @Operation(summary = "A whole visit: place, wishes, drawing, plants, palette, bed, list")
    @GetMapping("/{id}")
    Map<String, Object> one(@PathVariable UUID id) {
        return exchange.out(id);
    }

    @Operation(summary = "Begin a visit with all that is sent, or none with every problem told")
    @PostMapping(consumes = MediaType.ALL_VALUE)
    Map<String, Object> begin(@RequestBody(required = false) String body, Authentication caller) {
        return exchange.out(exchange.in(json.object(body), caller.getName()));
    }
}
