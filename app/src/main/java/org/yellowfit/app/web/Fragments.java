package org.yellowfit.app.web;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.ISpringTemplateEngine;

/**
 * Parts of pages drawn up by themselves, to be placed in a page as they are. Three fifths of a shortlist’s time went
 * into drawing up its page, half of that into looking up variables through the request; a part drawn up without one is
 * quicker, and one that says the same again is drawn up once. Parts hold no forms: a form needs its request.
 */
@Component
public class Fragments {

    /** Up to 180 kB each, a whole page. */
    private static final int MOST_KEPT = 240;

    private final ISpringTemplateEngine engine;
    private final Map<Object, Object> kept = Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Object, Object> eldest) {
            return size() > MOST_KEPT;
        }
    });

    Fragments(ISpringTemplateEngine engine) {
        this.engine = engine;
    }

    /** The markup of one fragment of a template, every value in it escaped by the template. */
    public String draw(String template, String fragment, Map<String, Object> values) {
        return engine.process(template, Set.of(fragment), new Context(LocaleContextHolder.getLocale(), values));
    }

    /**
     * What was made in this language for an equal key lately, or else is made now.
     *
     * @param key all else that it depends on; its type belongs to one kind of part
     */
    @SuppressWarnings("unchecked") // a type of key is used with one type of part
    public <T> T once(Object key, Supplier<T> make) {
        List<Object> inLanguage = List.of(LocaleContextHolder.getLocale(), key);
        Object found = kept.get(inLanguage);
        if (found == null) {
            found = make.get();
            kept.put(inLanguage, found);
        }
        return (T) found;
    }

    /** Nothing is kept any more: for what no key tells, and for customers who are to be forgotten. */
    public void forget() {
        kept.clear();
    }
}
