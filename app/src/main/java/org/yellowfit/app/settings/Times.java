package org.yellowfit.app.settings;

import java.time.Instant;
import java.time.ZoneId;
import org.yellowfit.app.words.Sentences;

/** Moments as the settings show them. */
final class Times {

    private Times() {}

    static String day(Instant when) {
        return Sentences.date("date.short", when.atZone(ZoneId.systemDefault()));
    }

    static String minute(Instant when) {
        return Sentences.date("date.time", when.atZone(ZoneId.systemDefault()));
    }
}
