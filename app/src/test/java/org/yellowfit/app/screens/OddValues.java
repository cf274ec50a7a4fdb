package org.yellowfit.app.screens;

import java.util.List;
import java.util.Map;
import java.util.Random;

/** What {@link FuzzTest} sends: odd values, and such as are fine, so that the odd one beside them is reached. */
final class OddValues {

    static final String PLANT = "testa-fuzzed";

    static final List<String> ODD = List.of(
            "",
            " ",
            "0",
            "-1",
            "1",
            "4",
            "0.5",
            "1e308",
            "-1e308",
            "NaN",
            "Infinity",
            "999999999999999999999",
            "null",
            "true",
            "no",
            "none",
            "yes",
            "6b",
            "13b",
            "clay loam",
            "AREA",
            "MATURE",
            "us",
            "2 l",
            "2027-11-15",
            "0000-00-00",
            "2024-02-30",
            "9999-12-31",
            "\u0000",
            "a\u0000b",
            "\uD800",
            "\uFFFF",
            "🌿",
            "%",
            "%00",
            "{x}",
            "${x}",
            "' or 1=1 --",
            "<script>alert(1)</script>",
            "../../etc/passwd",
            "|",
            "a|b|c",
            "hosta-mixing-bowl",
            "hosta-mixing-bowl,hosta-tea-tray",
            "#a03060",
            "[]",
            "{}",
            "[[0,0],[1,1],[0,1]]",
            "x".repeat(100),
            "x".repeat(5000),
            "é".repeat(73),
            "é".repeat(40),
            "10..1",
            "4..2",
            "red#c22b2b",
            "1,5",
            "−3",
            "3 ft 6 in");

    static final List<String> BODIES = List.of(
            "",
            "null",
            "[]",
            "0",
            "\"x\"",
            "{",
            "{\"\\u0000\":1}",
            "{\"site\":[]}",
            "{\"site\":{\"zone\":\"\\u0000\"}}",
            "{\"features\":[{\"geometry\":null}]}",
            "{\"features\":{},\"version\":1e99}",
            "{\"ids\":[null,{}]}");

    static final List<String> FILES = List.of(
            "",
            "\u0000",
            "id\n",
            "id,botanical\nx",
            "date,tmin,tmax\n2020-01-01,1,0\n",
            "time,lux\nx,y\n",
            "plant,level\n\u0000,watch\n",
            "[{\"id\":{}}]",
            "\"",
            "x,".repeat(60_000) + "\n1",
            "﻿id,id\n1,2");

    /** What a form may well say, so that the odd field beside it is reached. */
    static final Map<String, List<String>> FINE = Map.ofEntries(
            Map.entry("version", List.of("0", "1", "2")),
            Map.entry("plant", List.of(PLANT)),
            Map.entry("fill", List.of("AREA", "ROW", "NUMBER")),
            Map.entry("amount", List.of("2", "3.5", "12")),
            Map.entry("school", List.of("MATURE", "QUICK_COVER")),
            Map.entry("closeBy", List.of("2", "3")),
            Map.entry("pot", List.of("2 l", "")),
            Map.entry("position", List.of("0", "1")),
            Map.entry("column", List.of("height10_m", "common", "leaf_summer", "zone_min")),
            Map.entry("value", List.of("0.4..0.6", "5a", "green#33aa44")),
            Map.entry("seen", List.of("")),
            Map.entry("source", List.of("a list")),
            Map.entry("source_kind", List.of("reference", "own-record")),
            Map.entry("why", List.of("measured")),
            Map.entry("role", List.of("ADVISOR", "BUYER")),
            Map.entry("active", List.of("true", "false")),
            Map.entry("done", List.of("true", "false")),
            Map.entry("finished", List.of("true", "false")),
            Map.entry("keepGood", List.of("true")),
            Map.entry("dryRun", List.of("true", "false")),
            Map.entry("neutral", List.of("true")),
            Map.entry("year", List.of("0", "2030")),
            Map.entry("month", List.of("1", "7", "12")),
            Map.entry("x", List.of("0", "1.5")),
            Map.entry("y", List.of("0", "1.5")),
            Map.entry("before", List.of("0", "3")),
            Map.entry("age", List.of("3", "10")),
            Map.entry("half", List.of("0", "13")),
            Map.entry("south", List.of("true")),
            Map.entry("use", List.of("true", "false")),
            Map.entry("page", List.of("0", "2")),
            Map.entry("name", List.of("Fog bank")),
            Map.entry("latitude", List.of("45", "-38")),
            Map.entry("longitude", List.of("-70")),
            Map.entry("utcOffset", List.of("-5")),
            Map.entry("username", List.of("fuzz")),
            Map.entry("displayName", List.of("Fuzz")),
            Map.entry("password", List.of("long-enough-for-all")),
            Map.entry("label", List.of("Till")),
            Map.entry("take", List.of("jar", "feel", "hole", "ph", "moisture")),
            Map.entry("patch", List.of("A")),
            Map.entry("csv", List.of("plant,level,note\nSalvia,watch,\n")),
            Map.entry("back", List.of("list", "shortlist")),
            Map.entry("site.zone", List.of("6b")),
            Map.entry("site.sunHours", List.of("5")),
            Map.entry("site.depthM", List.of("2", "0.5")));

    /** What a form always sends. */
    static final Map<String, List<String>> OF_A_FORM = Map.of(
            "/list/", List.of("version", "amount", "fill", "school", "closeBy", "pot", "plant", "position"),
            "/value", List.of("column", "value", "seen", "why"),
            "/claims", List.of("column", "value", "source", "source_kind", "why"),
            "/stations", List.of("name", "latitude", "longitude", "utcOffset"),
            "/people", List.of("username", "displayName", "password", "role"));

    /** Fields of forms whose handlers take what comes. */
    static final List<String> FORM_FIELDS = List.of(
            "version",
            "amount",
            "fill",
            "pot",
            "school",
            "closeBy",
            "endsClear",
            "plant",
            "position",
            "column",
            "value",
            "source",
            "source_kind",
            "at_age_years",
            "place",
            "why",
            "seen",
            "name",
            "latitude",
            "longitude",
            "utcOffset",
            "elevation",
            "fahrenheit",
            "username",
            "displayName",
            "password",
            "role",
            "label",
            "m6",
            "ballHolds",
            "ribbonCm",
            "fallCm",
            "phReadings",
            "areaM2",
            "q",
            "near",
            "part",
            "month",
            "sunHours",
            "ph");

    /** Values of calls that are fine. */
    static final Map<String, String> FINE_JSON = Map.ofEntries(
            Map.entry("site", "{\"zone\":\"6b\",\"sunHours\":5}"),
            Map.entry("id", "\"hosta-mixing-bowl\""),
            Map.entry("ids", "[\"hosta-mixing-bowl\",\"hosta-tea-tray\"]"),
            Map.entry("years", "[1,10]"),
            Map.entry("areaM2", "4"),
            Map.entry("latitude", "45"),
            Map.entry("longitude", "-70"),
            Map.entry("utcOffsetHours", "-5"),
            Map.entry("bed", "[[0,0],[3,0],[3,2],[0,2]]"),
            Map.entry("sand", "40"),
            Map.entry("silt", "40"),
            Map.entry("clay", "20"),
            Map.entry("area", "4"),
            Map.entry("ph", "6.5"),
            Map.entry("targetPh", "5.5"),
            Map.entry("texture", "\"loam\""),
            Map.entry("limit", "5"));

    private final Random random;

    OddValues(long seed) {
        random = new Random(seed);
    }

    boolean oneIn(int many) {
        return random.nextInt(many) == 0;
    }

    <T> T one(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    /** A value for a field, fine two times in three where it is known what is. */
    String of(String field) {
        List<String> fine = FINE.getOrDefault(field, List.of());
        return fine.isEmpty() || oneIn(3) ? one(ODD) : one(fine);
    }

    /** The body of a call, now and then as it might be meant. */
    String json() {
        if (random.nextInt(3) == 0) {
            return one(BODIES);
        }
        List<String> keys = List.of(
                "site",
                "wants",
                "policy",
                "limit",
                "only",
                "ids",
                "id",
                "years",
                "areaM2",
                "lengthM",
                "school",
                "latitude",
                "longitude",
                "utcOffsetHours",
                "bed",
                "obstacles",
                "season",
                "months",
                "stepMinutes",
                "cellM",
                "sand",
                "silt",
                "clay",
                "layersMm",
                "texture",
                "ph",
                "targetPh",
                "area",
                "depth",
                "features",
                "version",
                "at");
        StringBuilder out = new StringBuilder("{");
        for (int i = 0; i < 5; i++) {
            String key = one(keys);
            String value = random.nextInt(3) > 0 ? FINE_JSON.getOrDefault(key, value(2)) : value(2);
            out.append(i == 0 ? "" : ",").append('"').append(key).append("\":").append(value);
        }
        return out.append('}').toString();
    }

    private String value(int deep) {
        return switch (random.nextInt(deep > 0 ? 7 : 4)) {
            case 0 -> String.valueOf(random.nextInt(-2, 400));
            case 1 -> one(List.of("1e308", "-0.0", "1e-300", "12345678901234567890", "true", "null"));
            case 2, 3 ->
                '"'
                        + one(ODD).replace("\\", "")
                                .replace("\"", "")
                                .replace("\u0000", "\\u0000")
                                .replace("\n", "")
                        + '"';
            case 4 -> "[" + value(deep - 1) + "," + value(deep - 1) + "]";
            case 5 -> "[]";
            default ->
                "{\"" + one(List.of("zone", "sunHours", "depthM", "kind", "geometry", "uses", "ph", "never")) + "\":"
                        + value(deep - 1) + "}";
        };
    }
}
