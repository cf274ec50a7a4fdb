package org.yellowfit.app.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicBoolean;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Who is refused is not listened to any longer: the rest of their body is not waited for, the connection is closed.
 * The server would otherwise read on, with a thread for each, until a slow sender is done.
 */
@Configuration
class UnreadBodies {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> closesUnread() {
        return factory -> factory.addEngineValves(new Close());
    }

    private static final class Close extends ValveBase {

        Close() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            getNext().invoke(request, response);
            if (!request.isAsync() && response.getStatus() >= 300 && !isReadToItsEnd(request)) {
                request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
            }
        }

        private static boolean isReadToItsEnd(Request request) {
            boolean hasBody = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
            AtomicBoolean read = new AtomicBoolean();
            request.getCoyoteRequest().action(ActionCode.REQUEST_BODY_FULLY_READ, read);
            return !hasBody || read.get();
        }
    }
}
