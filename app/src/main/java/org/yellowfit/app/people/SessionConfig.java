package org.yellowfit.app.people;

import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.core.serializer.DefaultDeserializer;
import org.springframework.core.serializer.DefaultSerializer;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;
import org.yellowfit.app.shop.PublicAddress;

/** How sessions are read and written, and what the browser keeps of them. */
@Configuration
class SessionConfig {

    private static final Logger LOG = LoggerFactory.getLogger(SessionConfig.class);

    /**
     * By plain JDBC, in transactions of their own. Through Hibernate every read of a session would open an entity
     * manager, which asks for the shop of the person whose session is only being read.
     */
    @Bean
    TransactionOperations springSessionTransactionOperations(DataSource source) {
        TransactionTemplate own = new TransactionTemplate(new JdbcTransactionManager(source));
        own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return own;
    }

    /** What an older version has written and this one cannot read is dropped: its person signs in again. */
    @Bean
    GenericConversionService springSessionConversionService() {
        GenericConversionService conversion = new GenericConversionService();
        DefaultSerializer out = new DefaultSerializer();
        DefaultDeserializer in = new DefaultDeserializer(SessionConfig.class.getClassLoader());
        conversion.addConverter(Object.class, byte[].class, value -> {
            try {
                return out.serializeToByteArray(value);
            } catch (java.io.IOException e) {
                throw new IllegalStateException("This cannot be kept in a session: " + value.getClass(), e);
            }
        });
        conversion.addConverter(byte[].class, Object.class, bytes -> {
            try {
                return in.deserializeFromByteArray(bytes);
            } catch (java.io.IOException | RuntimeException e) {
                LOG.info("Part of a session of another version was dropped: {}", e.toString());
                return null;
            }
        });
        return conversion;
    }

    /** Behind TLS the cookie never travels without, and no other host of the domain can set it. */
    @Bean
    CookieSerializer cookieSerializer(PublicAddress address) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName(address.isSecure() ? "__Host-session" : "session");
        cookie.setUseSecureCookie(address.isSecure());
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Lax");
        cookie.setCookiePath("/");
        return cookie;
    }
}
