package org.yellowfit.app.words;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.stereotype.Component;

/** What templates say by {@code #{key(values)}}: the same sentences, by the same rules, as {@link Sentences} says. */
@Component("messageSource")
class PageWords implements MessageSource {

    @Override
    public String getMessage(String key, Object[] values, String otherwise, Locale locale) {
        return Sentences.has(key) ? getMessage(key, values, locale) : otherwise;
    }

    @Override
    public String getMessage(String key, Object[] values, Locale locale) {
        if (!Sentences.has(key)) {
            throw new NoSuchMessageException(key, locale);
        }
        return values == null ? Sentences.say(key) : Sentences.say(key, values);
    }

    @Override
    public String getMessage(MessageSourceResolvable resolvable, Locale locale) {
        for (String key : resolvable.getCodes() == null ? new String[0] : resolvable.getCodes()) {
            if (Sentences.has(key)) {
                return getMessage(key, resolvable.getArguments(), locale);
            }
        }
        return resolvable.getDefaultMessage();
    }
}
