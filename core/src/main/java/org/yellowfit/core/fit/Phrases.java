package org.yellowfit.core.fit;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** The sentences of the fit, kept in {@code phrases.properties} so that they can be read and mended in one place. */
final class Phrases {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle(Phrases.class.getPackageName() + ".phrases", Locale.ROOT);

    private Phrases() {
    }

    static String say(String key, Object... args) {
        return new MessageFormat(BUNDLE.getString(key), Locale.ROOT).format(args);
    }
}
