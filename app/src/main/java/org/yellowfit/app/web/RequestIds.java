package org.yellowfit.app.web;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumSet;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Pattern;
import org.slf4j.MDC;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.web.filter.OncePerRequestFilter;

/** A name for each request, the same in the log, in the answer and on the error page. */
@Configuration
class RequestIds {

    static final String HEADER = "X-Request-Id";
    private static final String KEY = "request";
    private static final Pattern GIVEN = Pattern.compile("[A-Za-z0-9-]{8,40}");
    private static final int LETTERS = 12;

    /** As templates ask for it; empty where no filter has named the request. */
    static final class Current {

        public String now() {
            return Objects.toString(MDC.get(KEY), "");
        }
    }

    @Bean
    Current requestId() {
        return new Current();
    }

    @Bean
    FilterRegistrationBean<Filter> requestIdFilter() {
        FilterRegistrationBean<Filter> filter = new FilterRegistrationBean<>(new Filter());
        filter.setOrder(Ordered.HIGHEST_PRECEDENCE);
        filter.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ERROR));
        return filter;
    }

    static final class Filter extends OncePerRequestFilter {

        @Override
        protected boolean shouldNotFilterErrorDispatch() {
            return false;
        }

        /** It stays on the thread: the server logs a fault after this, and the next request brings its own. */
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (request.getAttribute(HEADER) == null) {
                String given = request.getHeader(HEADER);
                boolean usable = given != null && GIVEN.matcher(given).matches();
                request.setAttribute(HEADER, usable ? given : made());
            }
            String id = String.valueOf(request.getAttribute(HEADER));
            MDC.put(KEY, id);
            response.setHeader(HEADER, id);
            chain.doFilter(request, response);
        }

        private static String made() {
            return UUID.randomUUID().toString().replace("-", "").substring(0, LETTERS);
        }
    }
}
