package org.yellowfit.app.words;

import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.i18n.FixedLocaleResolver;

/** The shop's language. A second one is a second {@code sentences_xx.properties} and a setting. */
@Configuration
class Language {

    @Bean
    LocaleResolver localeResolver(@Value("${yellowfit.language:en}") String language) {
        Locale locale = Locale.forLanguageTag(language);
        // Work in the background, such as an import, has no request to ask.
        LocaleContextHolder.setDefaultLocale(locale);
        return new FixedLocaleResolver(locale);
    }
}
