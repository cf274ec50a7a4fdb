package org.yellowfit.core.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.InvalidInput;

/** The open format, column by column: a value it takes, and one it refuses at that column. */
class EveryColumnTest {

    private static final String TABLE = """
            id;               hosta-mixing-bowl;               Hosta Mixing Bowl
            botanical;        Hosta sieboldiana;
            cultivar;         Mixing Bowl;
            common;           plantain lily;
            kind;             perennial;                       perenial
            habit;            mound;                           mounded
            persistence;      herbaceous;                      herbacious
            height10_m;       0.4..0.5;                        0.5..0.4
            spread10_m;       0.7;                             0
            height_max_m;     0.6;                             200
            spread_max_m;     1.1;                             wide
            flower_height_m;  0.7;                             -1
            growth;           slow;                            slowly
            spread_mode;      clump;                           clumps
            zone_min;         3a;                              0a
            zone_max;         9;                               14
            sun_live_h;       1;                               25
            sun_flower_h;     2.5;                             part
            sun_colour_h;     4;                               -1
            sun_max_h;        6;                               24.5
            hot_sun_max_h;    1.5;                             hot
            texture;          loam|clay;                       loam|mud
            drainage;         slow|good;                       slow||good
            moisture;         3..4;                            3..6
            drought;          no;                              maybe
            looks_good_from;  3;                               0
            ph;               5.5..7.5;                        2..7
            leaf_texture;     bold;                            coarse
            leaf_shape;       heart;
            leaf_surface;     matt;                            dull
            leaf_spring;      blue-green#6f9a8d;               blue
            leaf_summer;      blue-green#6f9a8d|cream#efe6c0;  #6f9a8d
            leaf_autumn;      gold#d9b43a;                     gold#d9b43
            leaf_winter;      green#4f7a3a;                    green#gggggg
            flower_colours;   white#ffffff;                    white #ffffff #
            bloom;            6.3..7.2;                        13.1..2.1
            bloom_zone;       6b;                              6c
            bloom_gdd;        640;                             7000
            bloom_days;       24;                              0
            rebloom;          none;                            twice
            flower_wood;      new;                             young
            first_season;     no;                              n
            fragrance;        flower;                          none|flower
            fruit;            red#c22b2b;                      red
            fruit_months;     9|10;                            9|13
            stem_winter;      red#b03030;                      red#b030301
            stands_winter;    yes;                             standing
            partner_group;    ilex-a;
            sex;              female;                          f
            wildlife;         bees|birds;                      bees|wasps
            native_region;    East Asia;
            deer;             favourite;                       favorite
            rabbit;           sometimes;                       often
            hazards;          none;                            none|thorns
            spreads_at_zone;  8a;                              8c
            stands;           wind|salt;                       wind|snow
            dislikes;         juglone;                         walnut
            troubles;         slugs in wet springs;
            prune_group;      cut-to-ground;                   cut
            hard_prune;       yes;                             hard
            care_min_year;    10;                              -5
            deadhead_min;     2;                               7000
            divide_years;     6;                               0
            feed;             yearly;                          lots
            pot_ok;           yes;                             ok
            pot_role;         mound;                           spiller
            uses;             mass|edging;                     mass|border
            propagation;      clone;                           cloned
            slow_start_years; 2;                               21
            late_riser;       yes;                             late
            tell_apart;       larger leaves than its sister;
            like;             hosta-tea-tray;                  Hosta Tea Tray
            merits;           flower:3|leaf:1;                 flower:4
            cut;              fresh|dried;                     none|fresh
            inflorescence;    mophead;                         bunch
            flower_cm;        7.5;                             121
            leaf_cm;          12;                              0
            leaf_arrangement; opposite;                        paired
            variegation;      new-growth;                      spotty
            synonyms;         Funkia sieboldiana;
            sizes_sold;       2 l:12.50;                       2 l 12.50
            """;

    private static Map<String, String[]> rows() {
        Map<String, String[]> rows = new LinkedHashMap<>();
        TABLE.lines().forEach(line -> {
            String[] parts = line.split(";", -1);
            rows.put(parts[0].strip(), new String[] {parts[1].strip(), parts.length > 2 ? parts[2].strip() : ""});
        });
        return rows;
    }

    private static Map<String, String> plainCells() {
        return new LinkedHashMap<>(Plants.plant("").toCells());
    }

    @Test
    void theTableHoldsEveryColumn() {
        Set<String> columns = new HashSet<>();
        Traits.ALL.forEach(trait -> columns.add(trait.name()));
        assertThat(rows().keySet()).containsExactlyInAnyOrderElementsOf(columns);
    }

    @Test
    void whatAColumnTakesIsWrittenAndReadAgain() {
        rows().forEach((column, row) -> {
            Map<String, String> cells = plainCells();
            cells.put(column, row[0]);
            if (column.equals("height_max_m") || column.equals("spread_max_m")) {
                cells.put("height10_m", "0.4");
                cells.put("spread10_m", "0.7");
            }
            Cultivar plant = Cultivar.ofCells(cells);
            assertThat(Cultivar.ofCells(new LinkedHashMap<>(plant.toCells())))
                    .as(column)
                    .isEqualTo(plant);
            assertThat(plant.toCells().get(column)).as(column).isNotBlank();
        });
    }

    @Test
    void whatAColumnDoesNotTakeIsToldAtThatColumnAlone() {
        rows().forEach((column, row) -> {
            if (!row[1].isEmpty()) {
                Map<String, String> cells = plainCells();
                cells.put(column, row[1]);
                InvalidInput refused = catchThrowableOfType(InvalidInput.class, () -> Cultivar.ofCells(cells));
                assertThat(refused).as("%s = %s", column, row[1]).isNotNull();
                assertThat(refused.problems()).as("%s = %s", column, row[1]).allSatisfy(problem -> {
                    assertThat(problem.field()).isEqualTo(column);
                    assertThat(problem.message()).hasSizeGreaterThan(15).matches("(?s).*[.?]");
                });
            }
        });
    }

    @ParameterizedTest(name = "{0} without a value: refused {1}")
    @CsvSource({
        "id, true",
        "botanical, true",
        "kind, true",
        "habit, true",
        "persistence, true",
        "height10_m, true",
        "spread10_m, true",
        "zone_min, true",
        "zone_max, false",
        "common, false",
        "ph, false",
        "bloom, false",
        "hazards, false"
    })
    void onlyTheRequiredColumnsHaveToBeFilled(String column, boolean required) {
        Map<String, String> cells = plainCells();
        cells.put(column, " ");
        InvalidInput refused = catchThrowableOfType(InvalidInput.class, () -> Cultivar.ofCells(cells));
        assertThat(refused != null).isEqualTo(required);
    }

    @ParameterizedTest(name = "{0} is near “{1}”")
    @CsvSource({
        "habit, prostate, prostrate",
        "kind, perenial, perennial",
        "persistence, evergren, evergreen",
        "drainage, god, good",
        "deer, favorite, favourite",
        "uses, hege, hedge"
    })
    void theNearestWordIsOffered(String column, String typed, String meant) {
        Map<String, String> cells = plainCells();
        cells.put(column, typed);
        assertThat(catchThrowableOfType(InvalidInput.class, () -> Cultivar.ofCells(cells))
                        .problems()
                        .get(0)
                        .message())
                .contains("Did you mean “" + meant + "”?");
    }

    @ParameterizedTest(name = "{0}: {1} thirds")
    @CsvSource({"6.2..8.1, 6", "7.1..7.1, 1", "12.1..2.3, 9", "1.1..12.3, 36", "12.3..1.1, 2"})
    void aSpellOfBloomIsCountedInThirds(String text, int thirds) {
        assertThat(Bloom.parse(text).lengthThirds()).isEqualTo(thirds);
        assertThat(Bloom.parse(text).text()).isEqualTo(text);
    }

    @ParameterizedTest(name = "{0} moved by {1} days is {2}")
    @CsvSource({
        "6.1..6.3, 10, 6.2..7.1",
        "6.1..6.3, -10, 5.3..6.2",
        "1.1..1.2, -20, 12.2..12.3",
        "12.2..12.3, 15, 12.3..1.1",
        "6.1..6.3, 4, 6.1..6.3",
        "6.1..6.3, 365, 6.1..6.3"
    })
    void aSpellIsMovedToTheNearestThird(String text, double days, String moved) {
        assertThat(Bloom.parse(text).movedByDays(days).text()).isEqualTo(moved);
    }
}
