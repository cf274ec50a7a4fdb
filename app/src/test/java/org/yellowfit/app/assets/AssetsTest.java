package org.yellowfit.app.assets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** What the build has named by its content is served for good, small, and to everybody. */
class AssetsTest {

    private static final Pattern INSIDE = Pattern.compile("/assets/([\\w./-]+)");

    private final Assets assets = new Assets();

    private MockHttpServletResponse get(String address, String accepted) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", address);
        request.setRequestURI(address);
        if (accepted != null) {
            request.addHeader("Accept-Encoding", accepted);
        }
        MockHttpServletResponse response = new MockHttpServletResponse();
        new AssetFilter(assets).doFilter(request, response, new MockFilterChain());
        return response;
    }

    @ParameterizedTest
    @CsvSource({
        "css/base.css, text/css",
        "js/place/place.js, text/javascript",
        "favicon.svg, image/svg+xml",
        "vendor/fonts/vollkorn-latin-400-italic.woff2, font/woff2"
    })
    void aFileIsNamedByItsContentAndKeptForAYear(String file, String type) throws Exception {
        String url = assets.url(file);
        assertThat(url).matches("/assets/.*\\.[0-9a-f]{10}\\.[a-z0-9]+");
        MockHttpServletResponse answer = get(url, null);
        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getContentType()).startsWith(type);
        assertThat(answer.getHeader("Cache-Control")).isEqualTo("public, max-age=31536000, immutable");
        assertThat(answer.getHeader("Set-Cookie")).isNull();
        assertThat(answer.getContentAsByteArray()).isNotEmpty();
    }

    @Test
    void textsAreSentCompressedToThoseWhoTakeThem() throws Exception {
        MockHttpServletResponse small = get(assets.url("css/base.css"), "gzip, br");
        MockHttpServletResponse plain = get(assets.url("css/base.css"), "br");
        assertThat(small.getHeader("Content-Encoding")).isEqualTo("gzip");
        assertThat(small.getHeader("Vary")).isEqualTo("Accept-Encoding");
        assertThat(plain.getHeader("Content-Encoding")).isNull();
        assertThat(unzipped(small.getContentAsByteArray())).isEqualTo(plain.getContentAsByteArray());
        assertThat(small.getContentAsByteArray().length).isLessThan(plain.getContentAsByteArray().length / 2);
    }

    private static byte[] unzipped(byte[] zipped) throws IOException {
        return new java.util.zip.GZIPInputStream(new ByteArrayInputStream(zipped)).readAllBytes();
    }

    /** A style that named a font by its old name, or a script its neighbour, would break without a word. */
    @ParameterizedTest
    @ValueSource(strings = {"css/base.css", "js/place/place.js", "js/place/edit.js", "js/place/panel.js"})
    void whatIsNamedInsideIsThere(String file) throws Exception {
        String text = new String(get(assets.url(file), null).getContentAsByteArray(), StandardCharsets.UTF_8);
        List<String> named =
                INSIDE.matcher(text).results().map(found -> found.group(1)).toList();
        assertThat(named)
                .isNotEmpty()
                .allSatisfy(name -> assertThat(assets.find(name)).isPresent());
        assertThat(text).doesNotContain("from './");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/assets/css/base.css", "/assets/", "/assets/../application.yaml", "/assets/assets.list"})
    void nothingElseIsServed(String address) throws Exception {
        assertThat(get(address, null).getStatus()).isEqualTo(404);
    }

    @Test
    void aTemplateThatNamesNoFileIsToldAtOnce() {
        assertThatThrownBy(() -> assets.url("css/nothing.css")).hasMessageContaining("css/nothing.css");
    }
}
