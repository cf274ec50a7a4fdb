package org.yellowfit.app.assets;

import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;

/** Serves what is named by its content before any session is read: it is the same for everybody, for good. */
class AssetFilter extends HttpFilter {

    private static final String FOLDER = "/assets/";

    private final Assets assets;

    AssetFilter(Assets assets) {
        this.assets = assets;
    }

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException {
        Optional<Assets.Served> served = assets.find(request.getRequestURI().substring(FOLDER.length()));
        if (served.isEmpty()) {
            response.sendError(HttpServletResponse.SC_NOT_FOUND);
            return;
        }
        String accepted = request.getHeader("Accept-Encoding");
        boolean gzip = served.get().gzipped() != null && accepted != null && accepted.contains("gzip");
        byte[] body = gzip ? served.get().gzipped() : served.get().plain();
        response.setContentType(served.get().type());
        response.setHeader("Cache-Control", "public, max-age=31536000, immutable");
        response.setHeader("X-Content-Type-Options", "nosniff");
        if (served.get().gzipped() != null) {
            response.setHeader("Vary", "Accept-Encoding");
        }
        if (gzip) {
            response.setHeader("Content-Encoding", "gzip");
        }
        response.setContentLength(body.length);
        if (!request.getMethod().equals("HEAD")) {
            response.getOutputStream().write(body);
        }
    }
}
