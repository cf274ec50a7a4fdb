package org.yellowfit.app.people;

import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** How sessions are read and written. */
@Configuration
class SessionConfig {

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
}
