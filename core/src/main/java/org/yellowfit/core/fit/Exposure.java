package org.yellowfit.core.fit;

import java.util.Locale;
import java.util.stream.Stream;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Stress;

/** What bears on a place from outside, as it is told (rule F1). */
public enum Exposure {
    WIND(Stress.WIND),
    SALT(Stress.SALT),
    /** Salt off a road: spray and what the plough leaves, which no lee keeps away. */
    ROAD_SALT(Stress.SALT),
    JUGLONE(Stress.JUGLONE),
    POLLUTION(Stress.POLLUTION),
    HEAT(Stress.HEAT),
    HUMIDITY(Stress.HUMIDITY);

    final Stress stress;

    Exposure(Stress stress) {
        this.stress = stress;
    }

    static Exposure parse(String text) {
        String word = text.strip().toLowerCase(Locale.ROOT);
        return Stream.of(values())
                .filter(each -> Words.of(each).equals(word))
                .findFirst()
                .orElseThrow(() ->
                        Words.unknown(text, Stream.of(values()).map(Words::of).toList()));
    }
}
