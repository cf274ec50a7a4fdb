package org.yellowfit.core.plant;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How plants of a genus, or of one species of it, usually carry leaves and flowers: general botany, as floras describe
 * them. Lengths in centimetres.
 */
final class Genera {

    /**
     * @param inflorescence null where there are no flowers to speak of
     * @param flowerCm      NaN likewise
     */
    record Genus(
            Inflorescence inflorescence,
            Petals petals,
            double flowerCm,
            double leafCm,
            LeafArrangement arrangement,
            double fruitCm) {}

    static final double USUAL_BERRY_CM = 0.8;

    private static final Map<String, Genus> BY_NAME = read();

    private Genera() {}

    /** The species where the table has it, else its genus. */
    static Optional<Genus> of(String botanical) {
        String name = botanical.toLowerCase(Locale.ROOT);
        int genusEnd = name.indexOf(' ');
        String genus = genusEnd < 0 ? name : name.substring(0, genusEnd);
        int from = name.startsWith("× ", genusEnd + 1) ? genusEnd + 3 : genusEnd + 1;
        int speciesEnd = name.indexOf(' ', from);
        String species = speciesEnd < 0 ? name : name.substring(0, speciesEnd);
        return Optional.ofNullable(BY_NAME.getOrDefault(species, BY_NAME.get(genus)));
    }

    private static Map<String, Genus> read() {
        Map<String, Genus> genera = new HashMap<>();
        try (Reader text =
                        new InputStreamReader(Genera.class.getResourceAsStream("genera.csv"), StandardCharsets.UTF_8);
                CsvReader<NamedCsvRecord> rows = CsvReader.builder().ofNamedCsvRecord(text)) {
            for (NamedCsvRecord row : rows) {
                genera.put(row.getField("name").toLowerCase(Locale.ROOT), genus(row));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Map.copyOf(genera);
    }

    private static Genus genus(NamedCsvRecord row) {
        String flower = row.getField("inflorescence");
        return new Genus(
                flower.isEmpty() ? null : Inflorescence.valueOf(flower.toUpperCase(Locale.ROOT)),
                Petals.parse(row.getField("petals")),
                flower.isEmpty() ? Double.NaN : Double.parseDouble(row.getField("flower_cm")),
                Double.parseDouble(row.getField("leaf_cm")),
                LeafArrangement.valueOf(row.getField("leaf_arrangement").toUpperCase(Locale.ROOT)),
                row.getField("fruit_cm").isEmpty() ? USUAL_BERRY_CM : Double.parseDouble(row.getField("fruit_cm")));
    }
}
