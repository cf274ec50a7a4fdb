package org.yellowfit.app.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What is sent by somebody who is not signed in: a small form, soon, and not by too many at once. Otherwise a few
 * hundred slow senders would keep every thread of the shop waiting.
 */
class Strangers extends OncePerRequestFilter {

    /** A sign-in, with room for a long password and the token of its form. */
    static final int MOST_BYTES = 8192;

    static final int AT_ONCE = 40;
    static final Duration SOON = Duration.ofSeconds(5);
    private static final int CHUNK = 1024;

    private final Semaphore places = new Semaphore(AT_ONCE);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hasBody(request) || isSignedIn(request) || isCallOfAProgram(request)) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() < 0) {
            response.sendError(HttpStatus.LENGTH_REQUIRED.value());
        } else if (request.getContentLengthLong() > MOST_BYTES) {
            response.sendError(HttpStatus.CONTENT_TOO_LARGE.value());
        } else if (!places.tryAcquire()) {
            response.sendError(HttpStatus.SERVICE_UNAVAILABLE.value());
        } else {
            byte[] body = soon(request);
            if (body != null) {
                chain.doFilter(new ReadForm(request, body), response);
            } else if (!response.isCommitted()) {
                response.sendError(HttpStatus.REQUEST_TIMEOUT.value());
            }
        }
    }

    /** The body, or null when it does not come soon enough. */
    private byte[] soon(HttpServletRequest request) {
        try {
            byte[] body = new byte[request.getContentLength()];
            long deadline = System.nanoTime() + SOON.toNanos();
            InputStream in = request.getInputStream();
            int length = 0;
            while (length < body.length) {
                int read = in.read(body, length, Math.min(CHUNK, body.length - length));
                if (read < 0 || System.nanoTime() > deadline) {
                    return null;
                }
                length += read;
            }
            return body;
        } catch (IOException e) {
            logger.debug("A body that broke off", e);
            return null;
        } finally {
            places.release();
        }
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    /** The session is one of ours: the filter before this has looked it up. */
    private static boolean isSignedIn(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null
                && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY) != null;
    }

    /** Whether its token holds is looked at before anything of the body is read. */
    private static boolean isCallOfAProgram(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getRequestURI().startsWith("/api/");
    }
}
