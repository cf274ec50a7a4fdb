package org.yellowfit.app.people;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;

/** A request whose body has been read already, with the fields of its form. */
class ReadForm extends HttpServletRequestWrapper {

    private final byte[] body;
    private final Map<String, String[]> fields = new LinkedHashMap<>();

    ReadForm(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = body;
        request.getParameterMap().forEach(fields::put);
        if (String.valueOf(request.getContentType()).startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE)) {
            form().forEach((name, values) -> fields.merge(name, values.toArray(String[]::new), ReadForm::joined));
        }
    }

    private Map<String, List<String>> form() {
        MultiValueMap<String, String> encoded = UriComponentsBuilder.newInstance()
                .query(new String(body, StandardCharsets.ISO_8859_1))
                .build()
                .getQueryParams();
        Map<String, List<String>> decoded = new LinkedHashMap<>();
        encoded.forEach((name, values) ->
                values.forEach(value -> decoded.computeIfAbsent(decoded(name), each -> new ArrayList<>())
                        .add(value == null ? "" : decoded(value))));
        return decoded;
    }

    private static String decoded(String text) {
        try {
            return UriUtils.decode(text.replace('+', ' '), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            return text;
        }
    }

    private static String[] joined(String[] first, String[] then) {
        List<String> all = new ArrayList<>(List.of(first));
        all.addAll(List.of(then));
        return all.toArray(String[]::new);
    }

    @Override
    public String getParameter(String name) {
        String[] values = fields.get(name);
        return values == null || values.length == 0 ? null : values[0];
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        return Collections.unmodifiableMap(fields);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(fields.keySet());
    }

    @Override
    public String[] getParameterValues(String name) {
        return fields.get(name);
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream bytes = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public int read() {
                return bytes.read();
            }

            @Override
            public boolean isFinished() {
                return bytes.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new UnsupportedOperationException("The body has been read already.");
            }
        };
    }
}
