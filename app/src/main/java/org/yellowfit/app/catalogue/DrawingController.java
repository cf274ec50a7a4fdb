package org.yellowfit.app.catalogue;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.PlantGroup;
import org.yellowfit.app.drawing.PlantLook;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;

/**
 * Drawings of plants as pictures of their own. Asked for by the name of its content, one is kept by the browser
 * for good.
 */
@Controller
class DrawingController {

    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml;charset=UTF-8");
    private static final double OLDEST = 60;
    private static final double PORTRAIT_YEARS = 10;
    private static final int MOST_OF_A_KIND = 7;

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
            @RequestParam(defaultValue = "false") boolean south,
            @RequestParam(defaultValue = "") String v) {
        int shown = Math.max(1, Math.min(12, month));
        Cultivar plant = plant(id);
        return svg(
                v,
                plant,
                PlantDrawing.portrait(
                        plant, PictureAddress.place(zone, sun, south), PORTRAIT_YEARS, shown, Detail.CARD));
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
            @RequestParam(defaultValue = "metric") String units,
            @RequestParam(defaultValue = "") String v) {
        Cultivar plant = plant(id);
        return svg(
                v,
                plant,
                PlantDrawing.stage(plant, PictureAddress.place(zone, sun, south), years(age), day(half), units(units)));
    }

    /** Seven of the plant set out at their spacing, as they stand that day, from the path. */
    @GetMapping("/drawings/{id}/group.svg")
    ResponseEntity<String> group(
            @PathVariable String id,
            @RequestParam(defaultValue = "10") double age,
            @RequestParam(defaultValue = "12") int half,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "") String sun,
            @RequestParam(defaultValue = "false") boolean south,
            @RequestParam(defaultValue = "metric") String units,
            @RequestParam(defaultValue = "") String v) {
        Cultivar plant = plant(id);
        GrowingPlace place = PictureAddress.place(zone, sun, south);
        return svg(
                v,
                plant,
                PlantGroup.of(plant, place, years(age), day(half), units(units)).fromThePath());
    }

    /** The same from above. */
    @GetMapping("/drawings/{id}/plan.svg")
    ResponseEntity<String> plan(
            @PathVariable String id,
            @RequestParam(defaultValue = "10") double age,
            @RequestParam(defaultValue = "12") int half,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "") String sun,
            @RequestParam(defaultValue = "false") boolean south,
            @RequestParam(defaultValue = "metric") String units,
            @RequestParam(defaultValue = "") String v) {
        Cultivar plant = plant(id);
        GrowingPlace place = PictureAddress.place(zone, sun, south);
        return svg(
                v,
                plant,
                PlantGroup.of(plant, place, years(age), day(half), units(units)).plan());
    }

    /** The plant by itself in a frame of known size, to be set into a larger picture: see {@link PlantLook}. */
    @GetMapping("/drawings/{id}/look.svg")
    ResponseEntity<String> look(
            @PathVariable String id,
            @RequestParam(defaultValue = "front") String view,
            @RequestParam(defaultValue = "10") double age,
            @RequestParam(defaultValue = "12") int half,
            @RequestParam(defaultValue = "0") int which,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "") String sun,
            @RequestParam(defaultValue = "false") boolean south,
            @RequestParam(defaultValue = "") String v) {
        Cultivar plant = plant(id);
        PlantLook look = PlantLook.of(
                plant,
                PictureAddress.place(zone, sun, south),
                years(age),
                day(half),
                Math.max(0, Math.min(MOST_OF_A_KIND, which)));
        return svg(v, plant, view.equals("above") ? look.above() : look.front());
    }

    private static double years(double age) {
        return age >= 0 && age <= OLDEST ? age : PORTRAIT_YEARS;
    }

    private static int day(int half) {
        return 8 + (int) Math.round(Math.max(0, Math.min(23, half)) * 365 / 24.0);
    }

    private static UnitSystem units(String units) {
        return units.equals("us") ? UnitSystem.US : UnitSystem.METRIC;
    }

    private Cultivar plant(String id) {
        return store.find(id).orElseThrow(() -> new NotFound("The catalogue has no plant with the id “%s”.", id));
    }

    private static ResponseEntity<String> svg(String name, Cultivar plant, String picture) {
        CacheControl kept = name.equals(PictureName.of(plant))
                ? CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable()
                : CacheControl.noCache().cachePrivate();
        return ResponseEntity.ok().contentType(SVG).cacheControl(kept).body(picture);
    }
}
