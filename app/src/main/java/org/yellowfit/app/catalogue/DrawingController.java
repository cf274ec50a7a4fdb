package org.yellowfit.app.catalogue;

import java.time.Duration;
import java.util.Objects;
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

    /**
     * What a picture is asked to show.
     *
     * @param age   years since planting
     * @param half  halves of months from 0 (early January) to 23
     * @param month 1–12, for a portrait, which is of a whole month
     * @param zone  with {@code sun} and {@code south} the place it grows at, as {@link PictureAddress} writes it
     * @param v     the picture's name: where it is still right, the picture is kept for good
     */
    record Asked(
            Double age,
            Integer half,
            Integer month,
            String zone,
            String sun,
            String ph,
            Boolean south,
            String units,
            String v) {

        double years() {
            return age != null && age >= 0 && age <= OLDEST ? age : PORTRAIT_YEARS;
        }

        int day() {
            return 8 + (int) Math.round(within(half, 12, 0, 23) * 365 / 24.0);
        }

        int shownMonth() {
            return within(month, 7, 1, 12);
        }

        GrowingPlace place() {
            return PictureAddress.place(
                    Objects.requireNonNullElse(zone, ""),
                    Objects.requireNonNullElse(sun, ""),
                    Objects.requireNonNullElse(ph, ""),
                    Boolean.TRUE.equals(south));
        }

        UnitSystem unitSystem() {
            return "us".equals(units) ? UnitSystem.US : UnitSystem.METRIC;
        }
    }

    private static int within(Integer asked, int usual, int least, int most) {
        return Math.max(least, Math.min(most, asked == null ? usual : asked));
    }

    @GetMapping("/drawings/{id}/portrait.svg")
    ResponseEntity<String> portrait(@PathVariable String id, Asked asked) {
        Cultivar plant = plant(id);
        return svg(
                asked,
                plant,
                PlantDrawing.portrait(plant, asked.place(), PORTRAIT_YEARS, asked.shownMonth(), Detail.CARD));
    }

    @GetMapping("/drawings/{id}/stage.svg")
    ResponseEntity<String> stage(@PathVariable String id, Asked asked) {
        Cultivar plant = plant(id);
        return svg(
                asked, plant, PlantDrawing.stage(plant, asked.place(), asked.years(), asked.day(), asked.unitSystem()));
    }

    /** Seven of the plant set out at their spacing, as they stand that day, from the path. */
    @GetMapping("/drawings/{id}/group.svg")
    ResponseEntity<String> group(@PathVariable String id, Asked asked) {
        Cultivar plant = plant(id);
        return svg(asked, plant, together(plant, asked).fromThePath());
    }

    /** The same from above. */
    @GetMapping("/drawings/{id}/plan.svg")
    ResponseEntity<String> plan(@PathVariable String id, Asked asked) {
        Cultivar plant = plant(id);
        return svg(asked, plant, together(plant, asked).plan());
    }

    private static PlantGroup together(Cultivar plant, Asked asked) {
        return PlantGroup.of(plant, asked.place(), asked.years(), asked.day(), asked.unitSystem());
    }

    /** The plant by itself in a frame of known size, to be set into a larger picture: see {@link PlantLook}. */
    @GetMapping("/drawings/{id}/look.svg")
    ResponseEntity<String> look(
            @PathVariable String id,
            @RequestParam(defaultValue = "front") String view,
            @RequestParam(defaultValue = "0") int which,
            Asked asked) {
        Cultivar plant = plant(id);
        int one = within(which, 0, 0, MOST_OF_A_KIND);
        PlantLook look = PlantLook.of(plant, asked.place(), asked.years(), asked.day(), one);
        return svg(asked, plant, view.equals("above") ? look.above() : look.front());
    }

    private Cultivar plant(String id) {
        return store.find(id).orElseThrow(() -> new NotFound("The catalogue has no plant with the id “%s”.", id));
    }

    private static ResponseEntity<String> svg(Asked asked, Cultivar plant, String picture) {
        CacheControl kept = PictureName.of(plant).equals(asked.v())
                ? CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable()
                : CacheControl.noCache().cachePrivate();
        return ResponseEntity.ok().contentType(SVG).cacheControl(kept).body(picture);
    }
}
