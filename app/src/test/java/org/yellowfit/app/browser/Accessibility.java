package org.yellowfit.app.browser;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.openqa.selenium.JavascriptExecutor;

/**
 * What axe-core finds on the page that is open. It runs in the page itself, in one call: the Selenium helper of the
 * same library
 * finishes in a second window, which timed out on a slow machine.
 */
final class Accessibility {

    private static final String AXE = script();
    private static final String RUN = """
            const ended = arguments[arguments.length - 1];
            // A bar that stays at the foot of the window covers whatever has scrolled below it; scrolled on, it does not.
            const bars = [...document.querySelectorAll('.bar')];
            bars.forEach((bar) => { bar.style.position = 'static'; });
            const done = (found) => { bars.forEach((bar) => { bar.style.position = ''; }); ended(found); };
            axe.run(document, {runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'], resultTypes: ['violations']})
              .then(found => done(found.violations.filter(rule => rule.impact === 'serious' || rule.impact === 'critical')
                .map(rule => rule.id + ': ' + rule.nodes[0].html)), wrong => done(['axe failed: ' + wrong]));
            """;

    private Accessibility() {}

    @SuppressWarnings("unchecked")
    static List<String> seriousIn(JavascriptExecutor browser) {
        browser.executeScript(AXE);
        return (List<String>) browser.executeAsyncScript(RUN);
    }

    private static String script() {
        try (InputStream in = Accessibility.class.getResourceAsStream("/axe.min.js")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
