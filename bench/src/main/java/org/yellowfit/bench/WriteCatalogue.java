package org.yellowfit.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Writes a generated catalogue as a file of the open format, for trying imports and searches of that size. */
public final class WriteCatalogue {

    private static final long SEED = 42;

    private WriteCatalogue() {}

    /** @param args the file, and how many cultivars (100,000 when not said) */
    public static void main(String[] args) throws IOException {
        int count = args.length > 1 ? Integer.parseInt(args[1]) : 100_000;
        Random random = new Random(SEED);
        try (BufferedWriter out = Files.newBufferedWriter(Path.of(args[0]))) {
            List<String> columns =
                    List.copyOf(GeneratedCatalogue.cells(new Random(SEED), 0).keySet());
            out.write(String.join(",", columns) + "\r\n");
            for (int i = 0; i < count; i++) {
                Map<String, String> cells = GeneratedCatalogue.cells(random, i);
                out.write(String.join(",", columns.stream().map(cells::get).toList()) + "\r\n");
            }
        }
    }
}
