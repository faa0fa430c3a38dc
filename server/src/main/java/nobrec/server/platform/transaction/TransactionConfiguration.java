package nobrec.server.platform.transaction;

import java.lang.reflect.UndeclaredThrowableException;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.Pointcut;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.ComposablePointcut;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** Both ways into a transaction, by annotation and by hand, do it again when the database gave it up. */
@Configuration
class TransactionConfiguration {

    /** A session's row and its parts are each one statement: what is half there after a kill is a session that has ended. */
    @Bean
    TransactionOperations springSessionTransactionOperations() {
        return TransactionOperations.withoutTransaction();
    }

    @Bean
    @Primary
    TransactionOperations transactions(PlatformTransactionManager manager) {
        TransactionTemplate template = new TransactionTemplate(manager);
        return new TransactionOperations() {
            @Override
            public <T> T execute(TransactionCallback<T> action) throws TransactionException {
                try {
                    return DoneAgain.perform(() -> template.execute(action));
                } catch (RuntimeException | Error failed) {
                    throw failed;
                } catch (Throwable checked) {
                    throw new UndeclaredThrowableException(checked);
                }
            }
        };
    }

    /** Stands around the transaction, so that the second try is a transaction of its own. */
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor doneAgainAroundTransactions() {
        Pointcut transactional = new ComposablePointcut(
                        AnnotationMatchingPointcut.forClassAnnotation(Transactional.class))
                .union((Pointcut) AnnotationMatchingPointcut.forMethodAnnotation(Transactional.class));
        @SuppressWarnings("NullAway") // A method that gives nothing back gives null.
        MethodInterceptor again = invocation -> DoneAgain.perform(
                () -> ((ProxyMethodInvocation) invocation).invocableClone().proceed());
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(transactional, again);
        advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return advisor;
    }
}
