package org.yellowfit.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.http.MediaType;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.servlet.View;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * Whole pages that say the same again, drawn up once. A page is drawn with a mark in the place of the request's CSRF
 * token; whoever asks for it gets it with a token of their own.
 */
@Component
public class KeptPages {

    /** Not to be known outside, or a text somebody typed could ask for the token of whoever reads it. */
    private static final String MARK = UUID.randomUUID().toString();

    private final Fragments fragments;
    private final ThymeleafViewResolver resolver;

    KeptPages(Fragments fragments, ThymeleafViewResolver resolver) {
        this.fragments = fragments;
        this.resolver = resolver;
    }

    /**
     * @param key   all that the page depends on, the person it is shown to among it
     * @param model as it stands before the page's own values are in
     * @param fill  puts those in and names the template; not asked when the page is kept
     */
    public View page(Object key, Model model, Supplier<String> fill) {
        return new View() {
            @Override
            public String getContentType() {
                return MediaType.TEXT_HTML_VALUE;
            }

            @Override
            public void render(Map<String, ?> values, HttpServletRequest request, HttpServletResponse response)
                    throws Exception {
                CsrfToken token = (CsrfToken) request.getAttribute(CsrfToken.class.getName());
                Pieces page = fragments.once(key, () -> Pieces.of(draw(fill.get(), model, token, request, response)));
                response.setContentType("text/html;charset=UTF-8");
                page.write(token.getToken(), response.getOutputStream());
            }
        };
    }

    private String draw(
            String template, Model model, CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        DefaultCsrfToken marked = new DefaultCsrfToken(token.getHeaderName(), token.getParameterName(), MARK);
        Captured captured = new Captured(response);
        set(request, marked);
        try {
            resolver.resolveViewName(template, LocaleContextHolder.getLocale())
                    .render(new HashMap<>(model.asMap()), request, captured);
            return captured.text.toString();
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException("The page " + template + " could not be drawn up.", e);
        } finally {
            set(request, token);
        }
    }

    private static void set(HttpServletRequest request, CsrfToken token) {
        request.setAttribute(CsrfToken.class.getName(), token);
        request.setAttribute(token.getParameterName(), token);
    }

    /** A page in UTF-8, cut where the token goes in. */
    private record Pieces(List<byte[]> texts) {

        static Pieces of(String html) {
            return new Pieces(Arrays.stream(html.split(MARK, -1))
                    .map(text -> text.getBytes(StandardCharsets.UTF_8))
                    .toList());
        }

        void write(String token, OutputStream out) throws IOException {
            byte[] own = token.getBytes(StandardCharsets.UTF_8);
            out.write(texts.get(0));
            for (byte[] text : texts.subList(1, texts.size())) {
                out.write(own);
                out.write(text);
            }
        }
    }

    /** Takes what is written to it. */
    private static final class Captured extends HttpServletResponseWrapper {

        private final StringWriter text = new StringWriter();
        private final PrintWriter writer = new PrintWriter(text);

        Captured(HttpServletResponse response) {
            super(response);
        }

        @Override
        public PrintWriter getWriter() {
            return writer;
        }

        @Override
        public void flushBuffer() {
            writer.flush();
        }
    }
}
