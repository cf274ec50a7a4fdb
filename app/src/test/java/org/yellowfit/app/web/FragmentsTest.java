package org.yellowfit.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.i18n.LocaleContextHolder;

/** What is kept of drawn parts, and until when. */
class FragmentsTest {

    private final Fragments fragments = new Fragments(null);
    private final AtomicInteger made = new AtomicInteger();

    @AfterEach
    void usualLanguage() {
        LocaleContextHolder.resetLocaleContext();
    }

    private int once(Object key) {
        return fragments.once(key, made::incrementAndGet);
    }

    @Test
    void anEqualKeyIsMadeOnce() {
        assertThat(once("list")).isEqualTo(1);
        assertThat(once("li" + "st".strip())).isEqualTo(1);
        assertThat(once("card")).isEqualTo(2);
    }

    @Test
    void eachLanguageHasItsOwn() {
        LocaleContextHolder.setLocale(Locale.ENGLISH);
        assertThat(once("list")).isEqualTo(1);
        LocaleContextHolder.setLocale(Locale.FRENCH);
        assertThat(once("list")).isEqualTo(2);
    }

    @Test
    void whatIsForgottenIsMadeAgain() {
        once("list");
        fragments.forget();
        assertThat(once("list")).isEqualTo(2);
    }

    @Test
    void theOldestAskedForGivesWay() {
        once("first");
        once("second");
        for (int i = 0; i < 238; i++) {
            once(i);
        }
        assertThat(once("first")).as("240 are kept").isEqualTo(1);
        once("one more");
        assertThat(once("second"))
                .as("the one not asked for longest has given way")
                .isEqualTo(242);
        assertThat(once("first")).isEqualTo(1);
    }
}
