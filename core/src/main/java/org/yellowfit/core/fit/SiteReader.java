package org.yellowfit.core.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.WishFields;

/** Reads a place and its wants as files and other programs tell them, by the names in the field lists. */
public final class SiteReader {

    public static final Set<String> SITE_NAMES = names(SiteFields.ALL.stream());
    public static final Set<String> WANTS_NAMES = names(WishFields.ALL.stream(), "never");

    private SiteReader() {}

    /** @param prefix put before a field's name in its problems, like {@code site.} */
    public static SiteConditions site(Map<String, ?> values, String prefix, List<Problem> problems) {
        return SiteFields.conditions(siteValues(values, prefix, problems));
    }

    /** The values themselves, checked each and together. */
    public static FieldValues siteValues(Map<String, ?> values, String prefix, List<Problem> problems) {
        InputReader in = new InputReader(swinging(values), prefix, problems);
        FieldValues told = FieldValues.read(SiteFields.ALL, in);
        SiteFields.checkTogether(told, in);
        return told;
    }

    /** Ground that swings may be told as {@code "moisture": [2, 5]}. */
    private static Map<String, ?> swinging(Map<String, ?> values) {
        if (!(values.get(SiteFields.MOISTURE.name()) instanceof List<?> ends) || ends.size() != 2) {
            return values;
        }
        Map<String, Object> apart = new HashMap<>(values);
        apart.put(SiteFields.MOISTURE.name(), ends.get(0));
        apart.put(SiteFields.MOISTURE_TO.name(), ends.get(1));
        return apart;
    }

    public static Wants wants(Map<String, ?> values, String prefix, List<Problem> problems) {
        return WishFields.read(new InputReader(values, prefix, problems));
    }

    public static Policy policy(Object value, List<Problem> problems) {
        Policy policy = new InputReader(value == null ? Map.of() : Map.of("policy", value), "", problems)
                .word("policy", Policy.class);
        return policy == null ? Policy.STANDARD : policy;
    }

    private static Set<String> names(Stream<Field<?>> fields, String... others) {
        return Stream.concat(fields.map(Field::name), Stream.of(others)).collect(Collectors.toUnmodifiableSet());
    }
}
