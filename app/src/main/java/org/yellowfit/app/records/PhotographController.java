package org.yellowfit.app.records;

import java.io.IOException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.InvalidInput;

/** Photographs of what was noted. */
@Controller
class PhotographController {

    private static final int MOST_A_RECORD = 6;

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;

    PhotographController(JdbcTemplate jdbc, CurrentShop shop) {
        this.jdbc = jdbc;
        this.shop = shop;
    }

    @PostMapping("/records/{record}/photo")
    String add(
            @PathVariable long record,
            @RequestParam(required = false) MultipartFile photo,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash)
            throws IOException {
        List<String> plants = jdbc.queryForList(
                "select plant from plant_record where id = ? and shop_id = ?", String.class, record, shop.id());
        if (plants.isEmpty()) {
            throw new NotFound("There is no such note; it may have been taken out.");
        }
        try {
            if (photo == null || photo.isEmpty()) {
                throw InvalidInput.at("photo", "Choose a photograph first.");
            }
            Integer there =
                    jdbc.queryForObject("select count(*) from record_photo where record_id = ?", Integer.class, record);
            if (there != null && there >= MOST_A_RECORD) {
                throw InvalidInput.at("photo", "A note has at most %s photographs.", MOST_A_RECORD);
            }
            jdbc.update(
                    "insert into record_photo (record_id, shop_id, jpeg, added_by, added_at) values (?, ?, ?, ?, ?)",
                    record,
                    shop.id(),
                    Photograph.cleaned(photo.getBytes()),
                    me.displayName(),
                    Timestamp.from(Instant.now()));
        } catch (InvalidInput e) {
            flash.addFlashAttribute("told", List.of(Refusals.say(e.problems().get(0))));
        }
        return "redirect:/records/plants/" + plants.get(0) + "#notes";
    }

    @GetMapping("/records/photos/{id}")
    ResponseEntity<byte[]> show(@PathVariable long id) {
        return jdbc
                .query(
                        "select jpeg from record_photo where id = ? and shop_id = ?",
                        (row, at) -> row.getBytes(1),
                        id,
                        shop.id())
                .stream()
                .findFirst()
                .map(jpeg -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.noCache().cachePrivate())
                        .body(jpeg))
                .orElseThrow(() -> new NotFound("There is no such photograph."));
    }

    @PostMapping("/records/photos/{id}/away")
    String away(@PathVariable long id, @RequestParam(defaultValue = "") String plant) {
        jdbc.update("delete from record_photo where id = ? and shop_id = ?", id, shop.id());
        return plant.matches("[a-z0-9-]{1,120}") ? "redirect:/records/plants/" + plant + "#notes" : "redirect:/records";
    }
}
