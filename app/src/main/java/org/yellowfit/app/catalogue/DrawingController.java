package org.yellowfit.app.catalogue;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.drawing.Detail;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;

/** Drawings of plants as pictures of their own, kept by the browser until the catalogue changes. */
@Controller
class DrawingController {

    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml;charset=UTF-8");
    private static final double OLDEST = 60;
    private static final double PORTRAIT_YEARS = 10;

    private final CatalogueStore store;

    DrawingController(CatalogueStore store) {
        this.store = store;
    }

    @GetMapping("/drawings/{id}/portrait.svg")
    ResponseEntity<String> portrait(
            @PathVariable String id,
            @RequestParam(defaultValue = "7") int month,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "") String sun,
            @RequestParam(defaultValue = "false") boolean south) {
        int shown = Math.max(1, Math.min(12, month));
        return svg(PlantDrawing.portrait(
                plant(id), PictureAddress.place(zone, sun, south), PORTRAIT_YEARS, shown, Detail.SMALL));
    }

    /** @param half halves of months from 0 (early January) to 23 */
    @GetMapping("/drawings/{id}/stage.svg")
    ResponseEntity<String> stage(
            @PathVariable String id,
            @RequestParam(defaultValue = "10") double age,
            @RequestParam(defaultValue = "12") int half,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "") String sun,
            @RequestParam(defaultValue = "false") boolean south,
            @RequestParam(defaultValue = "metric") String units) {
        double years = age >= 0 && age <= OLDEST ? age : PORTRAIT_YEARS;
        int day = 8 + (int) Math.round(Math.max(0, Math.min(23, half)) * 365 / 24.0);
        return svg(PlantDrawing.stage(
                plant(id),
                PictureAddress.place(zone, sun, south),
                years,
                day,
                units.equals("us") ? UnitSystem.US : UnitSystem.METRIC));
    }

    private Cultivar plant(String id) {
        return store.find(id).orElseThrow(() -> new NotFound("The catalogue has no plant with the id “%s”.", id));
    }

    private static ResponseEntity<String> svg(String picture) {
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(picture);
    }
}
