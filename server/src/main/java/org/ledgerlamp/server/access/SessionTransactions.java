package org.ledgerlamp.server.access;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * How sessions are stored. A browser asks for several things at once, and every answer notes in the one session when it was
 * used last: where two of them stand in each other's way, the one that lost is done again instead of failing.
 */
@Configuration
class SessionTransactions {
    private static final int MOST_TRIES = 10;

    /** How everything else is stored; named here because it would not be made beside the other. */
    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager manager) {
        return new TransactionTemplate(manager);
    }

    @Bean
    TransactionOperations springSessionTransactionOperations(PlatformTransactionManager manager) {
        TransactionTemplate own = new TransactionTemplate(manager);
        own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        own.setIsolationLevel(TransactionDefinition.ISOLATION_READ_COMMITTED);
        return new TransactionOperations() {
            @Override
            public <T> T execute(TransactionCallback<T> action) {
                for (int tries = 1; ; tries++) {
                    try {
                        return own.execute(action);
                    } catch (PessimisticLockingFailureException e) {
                        if (tries == MOST_TRIES) {
                            throw e;
                        }
                    }
                }
            }
        };
    }
}
