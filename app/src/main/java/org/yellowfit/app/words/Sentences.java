package org.yellowfit.app.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.MessageFormat;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAccessor;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.i18n.LocaleContextHolder;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/**
 * Facts in words. The sentences stand in {@code sentences.properties}, one file a language; the language is that of the request
 * (see {@link Language}), the units are the visit's.
 */
public final class Sentences {

    private static final String BUNDLE = Sentences.class.getPackageName() + ".sentences";
    /** Read once each; a format is not for two threads, so every sentence is said by a copy. */
    private static final Map<String, MessageFormat> READ = new ConcurrentHashMap<>();
    /** Of two ends that read the same only one is said. */
    private static final String LENGTH_RANGE = "length.range";

    /** Units that their sentence names, and of which there may be one. */
    private static final Set<Amount.Unit> COUNTED = EnumSet.of(Amount.Unit.YEARS, Amount.Unit.MINUTES);

    /** How a price is written; the shop tells it when the application starts. */
    private static volatile Function<BigDecimal, String> price =
            amount -> amount.setScale(2, RoundingMode.HALF_UP).toPlainString();

    private Sentences() {}

    /** @param written a price with the sign of the store's currency */
    public static void pricesAre(Function<BigDecimal, String> written) {
        price = written;
    }

    /** Sentences one after the other. */
    public static String say(List<Fact> facts, UnitSystem units) {
        return facts.stream().map(fact -> say(fact, units)).collect(Collectors.joining(" "));
    }

    public static List<String> each(List<Fact> facts, UnitSystem units) {
        return facts.stream().map(fact -> say(fact, units)).toList();
    }

    public static String say(Fact fact, UnitSystem units) {
        Object[] values = fact.values().stream()
                .map(value -> word(value, fact.key(), units))
                .toArray();
        if (fact.key().equals(LENGTH_RANGE) && values[0].equals(values[1])) {
            return (String) values[0];
        }
        return said(keyOf(fact), values);
    }

    /** A sentence or label that needs no units. */
    public static String say(String key, Object... values) {
        return say(Fact.of(key, values), UnitSystem.METRIC);
    }

    static boolean has(String key) {
        return bundle().containsKey(key);
    }

    /** What the bundle has under a key; empty when it has nothing. */
    public static Optional<String> find(String key) {
        return bundle().containsKey(key) ? Optional.of(say(key)) : Optional.empty();
    }

    /** The patterns whose keys begin so, by the rest of their keys. */
    static Map<String, String> under(String prefix) {
        ResourceBundle bundle = bundle();
        return bundle.keySet().stream()
                .filter(key -> key.startsWith(prefix))
                .collect(Collectors.toMap(key -> key.substring(prefix.length()), bundle::getString));
    }

    /** A word of a closed list, as a label. */
    public static String label(Enum<?> word) {
        if (word instanceof Month month) {
            return month.getDisplayName(TextStyle.FULL, locale());
        }
        String key = word.getDeclaringClass().getSimpleName() + "." + Words.of(word);
        return bundle().containsKey(key)
                ? bundle().getString(key)
                : Words.of(word).replace('-', ' ');
    }

    /** The first letter of a month, as a strip of the year has room for. */
    public static String letter(Month month) {
        return month.getDisplayName(TextStyle.NARROW, locale());
    }

    /** {@code Jul}. */
    public static String shortMonth(Month month) {
        return month.getDisplayName(TextStyle.SHORT, locale());
    }

    /** A date or time by a pattern of the bundle, {@code date.…}. */
    public static String date(String key, TemporalAccessor when) {
        return DateTimeFormatter.ofPattern(bundle().getString(key), locale()).format(when);
    }

    /** A sentence about one thing may have a form of its own. */
    private static String keyOf(Fact fact) {
        boolean one = !fact.values().isEmpty() && isOne(fact.values().get(0));
        return one && bundle().containsKey(fact.key() + ".one") ? fact.key() + ".one" : fact.key();
    }

    private static boolean isOne(Object value) {
        return value instanceof Number count && count.doubleValue() == 1
                || value instanceof Amount amount && COUNTED.contains(amount.unit()) && amount.value() == 1;
    }

    private static String said(String key, Object[] values) {
        MessageFormat read =
                READ.computeIfAbsent(locale() + " " + key, any -> new MessageFormat(bundle().getString(key), locale()));
        return ((MessageFormat) read.clone()).format(values);
    }

    /** Several values in one place of a sentence; of three and more that are told together only the last two stand with “and”. */
    private static String joined(List<String> words, String key) {
        return switch (key) {
            case "any-of" -> String.join("/", words);
            case "all-of" -> {
                int last = words.size() - 1;
                String and = " " + bundle().getString("and") + " ";
                yield last < 1
                        ? String.join("", words)
                        : String.join(", ", words.subList(0, last)) + and + words.get(last);
            }
            default -> String.join(", ", words);
        };
    }

    private static String word(Object value, String key, UnitSystem units) {
        if (value instanceof Fact fact) {
            return say(fact, units);
        }
        if (value instanceof Amount amount) {
            return amount(amount, units);
        }
        if (value instanceof Enum<?> word) {
            return label(word);
        }
        if (value instanceof Collection<?> many) {
            return joined(many.stream().map(each -> word(each, key, units)).toList(), key);
        }
        return String.valueOf(value);
    }

    /** A number with its unit, rounded as people say it; years, minutes and steps are named by their sentence. */
    public static String amount(Amount amount, UnitSystem units) {
        double value = amount.value();
        return switch (amount.unit()) {
            case HOURS -> Numbers.rounded(value, 1) + " h";
            case METRES -> units.length(value);
            case LITRES -> units.litres(value);
            case SQUARE_METRES -> units.area(value);
            case CELSIUS -> units.temperature(value);
            case PH -> "pH " + Numbers.rounded(value, 1);
            case STEPS, YEARS -> Numbers.rounded(value, 1);
            case MINUTES -> Numbers.rounded(value, 0);
            case PERCENT -> Numbers.rounded(value, 0) + " %";
            case MONEY -> price.apply(BigDecimal.valueOf(value));
        };
    }

    private static ResourceBundle bundle() {
        return ResourceBundle.getBundle(BUNDLE, locale());
    }

    private static Locale locale() {
        return LocaleContextHolder.getLocale();
    }
}
