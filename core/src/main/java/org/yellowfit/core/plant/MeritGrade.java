package org.yellowfit.core.plant;

import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * How strongly a plant has a merit: {@code flower:3}.
 *
 * @param grade 1 has it, 2 good, 3 outstanding
 */
public record MeritGrade(Merit merit, int grade) {

    public static final int MOST = 3;

    public MeritGrade {
        if (!(grade >= 1 && grade <= MOST)) {
            throw new Refused("A merit is 1 (has it), 2 (good) or 3 (outstanding).");
        }
    }

    public static MeritGrade parse(String text) {
        String[] parts = text.split(":", 2);
        if (parts.length < 2 || !parts[1].strip().matches("[123]")) {
            throw new Refused("“%s” is not a merit and its grade; write them like flower:3.", Words.shorten(text));
        }
        return new MeritGrade(Words.parse(Merit.class, parts[0]), Integer.parseInt(parts[1].strip()));
    }

    public String text() {
        return Words.of(merit) + ":" + grade;
    }
}
