package org.yellowfit.app.catalogue;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.json.JsonMapper;

/** Reads a catalogue in JSON, an array of objects of cells, row by row. */
final class JsonRows {

    private JsonRows() {}

    static Optional<CsvRows.Broken> read(InputStream in, JsonMapper mapper, RowReader rows) {
        long line = 1;
        try (JsonParser json = mapper.createParser(in)) {
            if (json.nextToken() != JsonToken.START_ARRAY) {
                return Optional.of(
                        new CsvRows.Broken(1, "The file must be a JSON array of objects, one for each cultivar."));
            }
            while (json.nextToken() == JsonToken.START_OBJECT) {
                line = json.currentTokenLocation().getLineNr();
                row(json, line, rows);
            }
            if (json.currentToken() != JsonToken.END_ARRAY) {
                return Optional.of(new CsvRows.Broken(
                        json.currentTokenLocation().getLineNr(),
                        "An object with the cells of one cultivar is expected here."));
            }
            return Optional.empty();
        } catch (JacksonException e) {
            long at = e.getLocation() == null ? line : e.getLocation().getLineNr();
            return Optional.of(new CsvRows.Broken(at, "The file cannot be read as JSON from here on."));
        }
    }

    private static void row(JsonParser json, long line, RowReader rows) {
        Map<String, String> cells = new LinkedHashMap<>();
        List<Problem> found = new ArrayList<>();
        while (json.nextToken() == JsonToken.PROPERTY_NAME) {
            String column = json.currentName();
            JsonToken value = json.nextToken();
            Refusal named = CsvRows.wrongInName(column);
            if (named != null) {
                found.add(new Problem("", named, null));
                json.skipChildren();
            } else if (value == JsonToken.START_OBJECT || value == JsonToken.START_ARRAY) {
                found.add(new Problem(column, "A cell must be text; lists within a cell use |."));
                json.skipChildren();
            } else if (value != JsonToken.VALUE_NULL) {
                String cell = json.getString();
                Refusal wrong = CsvRows.wrongIn(cell);
                if (wrong == null) {
                    cells.put(column, cell);
                } else {
                    found.add(new Problem(column, wrong, null));
                }
            }
        }
        rows.row(line, cells, null, found);
    }
}
