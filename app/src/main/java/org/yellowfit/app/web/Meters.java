package org.yellowfit.app.web;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** What is counted and timed: pages by what they are, fits, imports, refused sign-ins, people signed in. */
@Configuration
public class Meters implements WebMvcConfigurer, HandlerInterceptor {

    private static final String BEGUN = Meters.class.getName();

    private final MeterRegistry registry;
    private final Counter fits;
    private final Counter refused;
    private final Map<String, Timer> pages = new ConcurrentHashMap<>();

    Meters(MeterRegistry registry, JdbcTemplate jdbc) {
        this.registry = registry;
        fits = registry.counter("yellowfit.fits");
        refused = registry.counter("yellowfit.signins.refused");
        Gauge.builder("yellowfit.sessions", jdbc, Meters::sessions).register(registry);
    }

    public void fit() {
        fits.increment();
    }

    public void signInRefused() {
        refused.increment();
    }

    /** @param how it ended: done, stopped or failed */
    public void importEnded(String how) {
        registry.counter("yellowfit.imports", "ended", how).increment();
    }

    private static double sessions(JdbcTemplate jdbc) {
        Long live = jdbc.queryForObject(
                "select count(*) from spring_session where expiry_time > ?", Long.class, System.currentTimeMillis());
        return live == null ? 0 : live;
    }

    @Override
    public void addInterceptors(InterceptorRegistry interceptors) {
        interceptors.addInterceptor(this).order(Integer.MIN_VALUE);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        request.setAttribute(BEGUN, System.nanoTime());
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception thrown) {
        if (request.getAttribute(BEGUN) instanceof Long begun) {
            String page =
                    request.getMethod() + " " + request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
            pages.computeIfAbsent(page, each -> registry.timer("yellowfit.pages", "page", each))
                    .record(Duration.ofNanos(System.nanoTime() - begun));
        }
    }
}
