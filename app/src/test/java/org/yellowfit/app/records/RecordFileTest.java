package org.yellowfit.app.records;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** Records as a file: out as they came in, and nothing of a file in which a row is wrong. */
@ExtendWith(RunningApp.class)
class RecordFileTest {

    static final String IMPORT = "/api/v1/records/import";
    static final String HEAD = "plant,place,date,age_years,height_m,flower_height_m,spread_m,first_bloom,"
            + "last_bloom,alive,cause,browsed,pot,sun_hours,note\n";

    @Test
    void theSameFileTwiceChangesNothingAndComesBackAsItWent(RunningApp app) {
        String row =
                "calluna-peat-stack,File row,2025-09-10,2.4,0.31,,0.7,2025-06-02,2025-07-20,yes,,no,1 l,5.5,a note\r\n";
        assertThat(app.post(IMPORT, "text/csv", HEAD + row).status()).isEqualTo(200);
        JsonNode again = app.post(IMPORT, "text/csv", HEAD + row).json();
        assertThat(again.get("changed").asInt()).isZero();
        String out = app.get("/api/v1/records.csv").body();
        assertThat(out).startsWith(HEAD.strip()).contains(row);
        assertThat(app.post(IMPORT, "text/csv", out).json().get("changed").asInt())
                .isZero();
        assertThat(app.get("/api/v1/records.csv").body()).isEqualTo(out);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "nobody,A row,2025-09-10,2,0.3,,,,,yes,,,,, | plant",
                "calluna-peat-stack,,2025-09-10,2,0.3,,,,,yes,,,,, | place",
                "calluna-peat-stack,A row,soon,2,0.3,,,,,yes,,,,, | date",
                "calluna-peat-stack,A row,2999-01-01,2,0.3,,,,,yes,,,,, | date",
                "calluna-peat-stack,A row,2025-09-10,-2,0.3,,,,,yes,,,,, | age_years",
                "calluna-peat-stack,A row,2025-09-10,2,0,,,,,yes,,,,, | height_m",
                "calluna-peat-stack,A row,2025-09-10,2,30 in,,,,,yes,,,,, | height_m",
                "calluna-peat-stack,A row,2025-09-10,2,0.3,,-1,,,yes,,,,, | spread_m",
                "calluna-peat-stack,A row,2025-09-10,2,0.3,,,2025-07-01,2025-06-01,yes,,,,, | last_bloom",
                "calluna-peat-stack,A row,2025-09-10,1,0.3,,,2020-07-01,,yes,,,,, | first_bloom",
                "calluna-peat-stack,A row,2025-09-10,2,,,,,,maybe,,,,, | alive",
                "calluna-peat-stack,A row,2025-09-10,2,,,,,,no,lightning,,,, | cause",
                "calluna-peat-stack,A row,2025-09-10,2,,,,,,yes,winter,,,, | cause",
                "calluna-peat-stack,A row,2025-09-10,2,0.3,,,,,yes,,,,25, | sun_hours",
            })
    void oneWrongRowAndNothingIsTaken(String row, String column, RunningApp app) {
        String before = app.get("/api/v1/records.csv").body();
        RunningApp.Answer answer = app.post(IMPORT, "text/csv", HEAD + row + "\n");
        assertThat(answer.status()).isEqualTo(422);
        JsonNode problem = answer.json().get("problems").get(0);
        assertThat(problem.get("line").asInt()).isEqualTo(2);
        assertThat(problem.get("column").asString()).isEqualTo(column);
        assertThat(app.get("/api/v1/records.csv").body()).isEqualTo(before);
    }
}
