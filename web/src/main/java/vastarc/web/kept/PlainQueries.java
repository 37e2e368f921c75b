package vastarc.web.kept;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.data.jpa.repository.query.QueryEnhancerFactories;
import org.springframework.data.jpa.repository.support.JpaRepositoryFactoryBean;
import org.springframework.stereotype.Component;

/**
 * Queries written out are taken as they stand. The stores' framework would else read each at the start with a grammar of its own, beside
 * Hibernate, which reads them too: a fifth of the start, to be able to sort what nobody sorts.
 */
@Component
final class PlainQueries implements BeanPostProcessor {

    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (bean instanceof JpaRepositoryFactoryBean<?, ?, ?> store) {
            store.setQueryEnhancerSelectorSource(query -> QueryEnhancerFactories.fallback());
        }
        return bean;
    }
}
