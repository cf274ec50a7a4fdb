package org.yellowfit.app.plants;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Policy;

/** One of the forty customers of docs/judgement.md. */
record Customer(String title, Map<String, String> lines) {

    private static final List<String> LISTS = List.of(
            "exposure", "kinds", "colours", "colourMonths", "bloomMonths", "habits", "leafTextures", "show", "must");

    static List<Customer> all() throws IOException {
        String text = Files.readString(Path.of("../docs/judgement.md"));
        String[] parts = text.substring(text.indexOf("# Forty customers")).split("(?m)^### ");
        List<Customer> all = new ArrayList<>();
        for (String part : Arrays.asList(parts).subList(1, parts.length)) {
            Map<String, String> lines = new HashMap<>();
            part.lines()
                    .filter(line -> line.startsWith("- "))
                    .forEach(line -> lines.put(
                            line.substring(2, line.indexOf(':')),
                            line.substring(line.indexOf(':') + 1).strip()));
            all.add(new Customer(part.lines().findFirst().orElseThrow(), lines));
        }
        return all;
    }

    List<String> names(String line) {
        String names = lines.getOrDefault(line, "");
        return names.isEmpty() ? List.of() : List.of(names.split(", "));
    }

    Question question() {
        List<Problem> problems = new ArrayList<>();
        Map<String, Object> wants = fields(lines.getOrDefault("wishes", ""));
        String jobs = lines.getOrDefault("jobs", "");
        if (!jobs.isEmpty()) {
            wants.put("jobs", List.of(jobs.split("; ")));
        }
        Question question = new Question(
                SiteReader.site(fields(lines.get("place")), "", problems),
                SiteReader.wants(wants, "", problems),
                Policy.STANDARD);
        if (!problems.isEmpty()) {
            throw new IllegalStateException(title + ": " + problems);
        }
        return question;
    }

    private static Map<String, Object> fields(String text) {
        Map<String, Object> fields = new HashMap<>();
        for (String field : text.isBlank() ? new String[0] : text.split(" ")) {
            String[] pair = field.split("=", 2);
            String value = pair[1].replace('+', ' ');
            fields.put(pair[0], LISTS.contains(pair[0]) ? List.of(value.split("[|,]")) : value);
        }
        return fields;
    }

    @Override
    public String toString() {
        return title;
    }
}
