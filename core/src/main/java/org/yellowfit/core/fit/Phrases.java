package org.yellowfit.core.fit;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;

/** The sentences of the fit, kept in {@code phrases.properties} so that they can be read and mended in one place. */
final class Phrases {

    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle(Phrases.class.getPackageName() + ".phrases", Locale.ROOT);

    /** Read once each; a format is not for two threads, so every sentence is said by a copy. */
    private static final Map<String, MessageFormat> READ = new ConcurrentHashMap<>();

    private Phrases() {}

    static String say(String key, Object... args) {
        MessageFormat read = READ.computeIfAbsent(key, k -> new MessageFormat(BUNDLE.getString(k), Locale.ROOT));
        return ((MessageFormat) read.clone()).format(args);
    }
}
