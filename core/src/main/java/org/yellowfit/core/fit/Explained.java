package org.yellowfit.core.fit;

import java.util.List;

/** What a criterion has to say beside its mark. {@code strip} is null where nothing can be drawn. */
record Explained(String plant, String rule, String why, List<Remedy> remedies, Strip strip) {

    static Explained of(String plant, String rule, String why, Strip strip) {
        return new Explained(plant, rule, why, List.of(), strip);
    }

    Explained with(Remedy... more) {
        return new Explained(plant, rule, why, List.of(more), strip);
    }
}
