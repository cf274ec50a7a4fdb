package org.yellowfit.app.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.server.ResponseStatusException;

/** How much one request may send: whole catalogues where they are brought in, far less elsewhere. */
class BodyLimits extends OncePerRequestFilter {

    private static final long MEGABYTE = 1_000_000;
    /** Hundred thousand cultivars with every column are about 120 MB. */
    static final long CATALOGUE = 201 * MEGABYTE;
    /** A century of days of one station are 1.5 MB; a light logger’s fortnight is less than one. */
    static final long FILE = 20 * MEGABYTE;
    /** The largest drawing that is taken, with its trees, is about a third of it. */
    static final long FORM = 2 * MEGABYTE;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request);
        if (request.getContentLengthLong() > most) {
            if (request.getRequestURI().startsWith("/api/")) {
                Problems.write(
                        response,
                        HttpStatus.CONTENT_TOO_LARGE,
                        "At most %d MB are taken in one call.",
                        most / MEGABYTE);
            } else {
                response.sendError(HttpStatus.CONTENT_TOO_LARGE.value());
            }
            return;
        }
        chain.doFilter(request.getContentLengthLong() < 0 ? new Counted(request, most) : request, response);
    }

    private static long most(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (path.endsWith("/catalogue/import") || path.endsWith("/catalogue/claims/import")) {
            return CATALOGUE;
        }
        if (path.startsWith("/api/v1/records/") || path.endsWith("/api/v1/stock/import")) {
            return FILE;
        }
        String type = String.valueOf(request.getContentType());
        return type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE) ? FILE : FORM;
    }

    /** A body that does not say how long it is. */
    private static final class Counted extends HttpServletRequestWrapper {

        private final long most;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream in;
        private long left;

        CountedStream(ServletInputStream in, long most) {
            this.in = in;
            this.left = most;
        }

        @Override
        public int read() throws IOException {
            int read = in.read();
            count(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = in.read(bytes, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int read) {
            left -= read;
            if (left < 0) {
                throw new ResponseStatusException(HttpStatus.CONTENT_TOO_LARGE);
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
