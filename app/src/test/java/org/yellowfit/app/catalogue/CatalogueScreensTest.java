package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.yellowfit.app.Screens.csrf;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.search.Facet;

/** The catalogue as a list: searched, narrowed, looked through; files brought in; labels. */
@ExtendWith(RunningApp.class)
class CatalogueScreensTest {

    private static final SignedIn BUYER = new SignedIn("bo", "Bo Lindqvale", "", Role.BUYER, true);
    private static final String HEADER = "id,botanical,kind,habit,persistence,height10_m,spread10_m,zone_min\r\n";

    private static CatalogueSearch.Found find(RunningApp app, String typed) {
        return app.bean(CatalogueSearch.class)
                .find(new CatalogueSearch.Asked(typed, Map.of(), Optional.empty()), 0, 500);
    }

    @ParameterizedTest(name = "{0} finds {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "hidrangea                          | hydrangea-bilge-pump",
                "geranum                            | geranium-keelson",
                "keelson                            | geranium-keelson",
                "halyard blue                       | clematis-halyard-blue",
                "purple leaf under 1 m              | weigela-inkstand, sambucus-none",
                "evergreen fern                     | dryopteris-kelp-cutter",
                "columnar conifer                   | juniperus-mooring-post",
                "dry shade ground cover             | epimedium-whetstone-hour",
                "echinacia white                    | echinacea-tin-tambour"
            })
    void asOneTypes(String typed, String id, RunningApp app) {
        assertThat(find(app, typed).plants()).extracting(Cultivar::id).contains(id.split(",")[0]);
    }

    @Test
    void aMisspeltWordIsShownAsItWasTaken(RunningApp app) {
        assertThat(find(app, "hidrangea evergreen").chips())
                .extracting(CatalogueSearch.Chip::label)
                .containsExactly("evergreen", "hydrangea");
        assertThat(find(app, "zzqqxy").chips().get(0).wrong()).isTrue();
        assertThat(find(app, "zzqqxy").count()).isZero();
    }

    @Test
    void everyGroupHoldsWhatItsNumberSays(RunningApp app) {
        CatalogueSearch search = app.bean(CatalogueSearch.class);
        for (CatalogueSearch.FacetView view : find(app, "shade").facets()) {
            for (CatalogueSearch.Group group : view.groups()) {
                int count = search.find(
                                new CatalogueSearch.Asked(
                                        "shade", Map.of(view.facet(), group.group()), Optional.empty()),
                                0,
                                1)
                        .count();
                assertThat(count).as(view.facet() + " " + group.name()).isEqualTo(group.count());
            }
        }
    }

    @Test
    void theNearestColourComesFirstAndAMonthWithoutItGivesNothing(RunningApp app) {
        CatalogueSearch search = app.bean(CatalogueSearch.class);
        ColourWish gold = ColourWish.of("#efcf3f", "flower", "").orElseThrow();
        List<Cultivar> found = search.find(new CatalogueSearch.Asked("", Map.of(), Optional.of(gold)), 0, 500)
                .plants();
        assertThat(found).hasSizeGreaterThan(3);
        for (int i = 1; i < found.size(); i++) {
            assertThat(gold.distance().applyAsDouble(found.get(i)))
                    .isGreaterThanOrEqualTo(gold.distance().applyAsDouble(found.get(i - 1)));
        }
        ColourWish inJanuary = ColourWish.of("#efcf3f", "flower", "1").orElseThrow();
        assertThat(search.find(new CatalogueSearch.Asked("rudbeckia", Map.of(), Optional.of(inJanuary)), 0, 10)
                        .count())
                .isZero();
        assertThat(ColourWish.of("gold", "flower", "")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/catalogue?q=purple+leaf+under+80+cm+fern+tree",
                "/catalogue?q=%3Cb%3E%27%25_!&page=99999&kind=77&zone=-1",
                "/catalogue?byColour=1&near=%23zzzzzz",
                "/catalogue?sight=deutan&q=shrub",
                "/catalogue/labels?ids=hosta-mixing-bowl,acer-coral-stair",
                "/catalogue/hosta-mixing-bowl?sight=tritan&edit=nothing",
                "/drawings/hosta-mixing-bowl/stage.svg?age=-4&half=99&zone=zz"
            })
    void everyPageAnswers(String address, RunningApp app) {
        assertThat(app.mvc()
                        .get()
                        .uri(java.net.URI.create(address))
                        .with(user(BUYER))
                        .exchange())
                .hasStatusOk();
    }

    @Test
    void whereNothingMeetsAllItSaysWhatGivingOneUpWouldOpen(RunningApp app) {
        assertThat(app.mvc()
                        .get()
                        .uri("/catalogue?q={q}", "evergreen fern over 20 m")
                        .with(user(BUYER))
                        .exchange())
                .hasStatusOk()
                .bodyText()
                .contains("No plant meets all of this", "without “at least 20 m high”");
    }

    private static String importPage(RunningApp app, String file, Map<String, String> params) {
        var request = app.mvc()
                .post()
                .uri("/catalogue/import")
                .multipart()
                .file(new MockMultipartFile("file", "trial.csv", "text/csv", file.getBytes(StandardCharsets.UTF_8)));
        params.forEach(request::param);
        MvcTestResult taken = request.with(user(BUYER)).with(csrf()).exchange();
        assertThat(taken).hasStatus3xxRedirection();
        return taken.getResponse().getRedirectedUrl();
    }

    @Test
    void aFileIsLookedAtFirstAndThenStored(RunningApp app) {
        String page = importPage(
                app, HEADER + "screen-import,Testa plana,shrub,mound,deciduous,1,1,5\r\n", Map.of("dryRun", "true"));
        assertThat(app.mvc().get().uri(page).with(user(BUYER)).exchange())
                .hasStatusOk()
                .bodyText()
                .contains("nothing is stored yet", "Store this change", "screen-import");
        assertThat(app.get("/api/v1/cultivars/screen-import").status()).isEqualTo(404);
        MvcTestResult stored = app.mvc()
                .post()
                .uri(page + "/store")
                .with(user(BUYER))
                .with(csrf())
                .exchange();
        assertThat(app.mvc()
                        .get()
                        .uri(stored.getResponse().getRedirectedUrl())
                        .with(user(BUYER))
                        .exchange())
                .bodyText()
                .contains("Stored.");
        assertThat(app.get("/api/v1/cultivars/screen-import").status()).isEqualTo(200);
    }

    @Test
    void problemsAreShownWithTheNearestWordAndTheGoodRowsCanBeKept(RunningApp app) {
        String page = importPage(
                app,
                HEADER
                        + "screen-good,Testa plana,shrub,mound,deciduous,1,1,5\r\nscreen-bad,Testa,shrub,prostate,deciduous,1,1,5\r\n",
                Map.of());
        assertThat(app.mvc().get().uri(page).with(user(BUYER)).exchange())
                .bodyText()
                .contains("Nothing was stored", "prostate", "prostrate", "Store the one good row only");
        MvcTestResult stored = app.mvc()
                .post()
                .uri(page + "/store")
                .param("keepGood", "true")
                .with(user(BUYER))
                .with(csrf())
                .exchange();
        String next = stored.getResponse().getRedirectedUrl();
        assertThat(app.mvc().get().uri(next).with(user(BUYER)).exchange())
                .bodyText()
                .contains("1 left out", "rejected.csv");
        assertThat(app.mvc().get().uri(next + "/rejected.csv").with(user(BUYER)).exchange())
                .bodyText()
                .contains("screen-bad");
        assertThat(app.get("/api/v1/cultivars/screen-good").status()).isEqualTo(200);
    }

    @Test
    void aStoppedImportLeavesTheCatalogueAsItWas(RunningApp app) {
        CatalogueImport imports = app.bean(CatalogueImport.class);
        StringBuilder file = new StringBuilder(HEADER);
        for (int i = 0; i < 400; i++) {
            file.append("stopped-").append(i).append(",Testa plana,shrub,mound,deciduous,1,1,5\r\n");
        }
        int[] rows = {0};
        ImportProgress stopping = () -> {
            if (++rows[0] > 300) {
                throw new ImportProgress.Stopped();
            }
        };
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> imports.read(
                        new java.io.ByteArrayInputStream(file.toString().getBytes(StandardCharsets.UTF_8)),
                        FileKind.CATALOGUE_CSV,
                        false,
                        false,
                        stopping)))
                .isInstanceOf(ImportProgress.Stopped.class);
        assertThat(app.get("/api/v1/cultivars/stopped-1").status()).isEqualTo(404);
        assertThat(app.get("/api/v1/catalogue/export.csv").status())
                .as("the connection is usable again")
                .isEqualTo(200);
    }

    @Test
    void aSheetOfLabelsCarriesSizeZoneStripAndAddress(RunningApp app) {
        assertThat(app.mvc()
                        .get()
                        .uri("/catalogue/labels?ids=hosta-mixing-bowl")
                        .with(user(BUYER))
                        .exchange())
                .bodyText()
                .contains("at ten years", "Zone", "year-strip", "class=\"qr\"", "/catalogue/hosta-mixing-bowl");
        assertThat(app.mvc()
                        .get()
                        .uri("/catalogue/labels?ids=none")
                        .with(user(BUYER))
                        .exchange())
                .hasStatus(404);
    }

    @Test
    void theJsonComesBackUnchangedAndFormulasAreNeutralisedUnlessAsked(RunningApp app) {
        app.post(
                "/api/v1/catalogue/import",
                "text/csv",
                HEADER.replace("id,", "id,tell_apart,")
                        + "with-formula,=1+1,Testa plana,shrub,mound,deciduous,1,1,5\r\n");
        String json = app.get("/api/v1/catalogue/export.json").body();
        RunningApp.Answer again = app.post("/api/v1/catalogue/import", "application/json", json);
        assertThat(again.status()).as(again.body()).isEqualTo(200);
        assertThat(again.json().get("changed").asInt()).isZero();
        assertThat(app.get("/api/v1/catalogue/export.csv?neutral=false").body()).contains(",=1+1,");
        String safe = app.get("/api/v1/catalogue/export.csv").body();
        assertThat(safe).contains(",'=1+1,");
        assertThat(app.post("/api/v1/catalogue/import", "text/csv", safe)
                        .json()
                        .get("changed")
                        .asInt())
                .as("a file written safely reads back the same")
                .isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}|array of objects",
                "[1]|cells of one cultivar",
                "[{\"id\":\"x\"|cannot be read as JSON",
                "[{\"id\":{}}]|must be text",
                "not json|cannot be read as JSON"
            })
    void jsonThatCannotBeIsRefusedWithItsPlace(String body, String told, RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/catalogue/import", "application/json", body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(told);
    }

    @Test
    void theDemoCatalogueHoldsWhatEveryNicheNeeds(RunningApp app) {
        for (String niche : List.of(
                "dry shade",
                "wet clay",
                "seaside",
                "walnut",
                "columnar",
                "hedge",
                "ground cover",
                "pots",
                "winter stems",
                "old wood",
                "variegated",
                "zone 10")) {
            assertThat(find(app, niche).count()).as(niche).isGreaterThanOrEqualTo(6);
        }
        assertThat(app.bean(CatalogueStore.class).labels().size()).isGreaterThanOrEqualTo(320);
        assertThat(app.bean(CatalogueStore.class).allClaims().stream()
                        .map(claim -> claim.id())
                        .distinct()
                        .count())
                .isGreaterThanOrEqualTo(80);
        assertThat(Facet.values()).hasSize(10);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"cimicifuga,actaea-", "Chionodoxa,scilla-", "petiolaris,hydrangea-", "Myrica,morella-"})
    void aPlantIsFoundByItsOtherNames(String typed, String id, RunningApp app) {
        assertThat(app.mvc()
                        .get()
                        .uri("/catalogue?q={typed}", typed)
                        .with(user(BUYER))
                        .exchange())
                .bodyText()
                .contains("/catalogue/" + id);
    }
}
