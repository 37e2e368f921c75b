package vastarc.web.store;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.data.jpa.repository.query.QueryEnhancerFactories;
import org.springframework.data.jpa.repository.support.JpaRepositoryFactoryBean;
import org.springframework.stereotype.Component;

/**
 * Queries written out are taken as they are. The stores' framework would else read each at the start with a grammar of its own, beside
 * Hibernate, which reads them too, to be able to order what nobody orders; see docs/decisions/046-start.md.
 */
@Component
final class UncachedQueries implements BeanPostProcessor {

    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (bean instanceof JpaRepositoryFactoryBean<?, ?, ?> store) {
            store.setQueryEnhancerSelectorSource(query -> QueryEnhancerFactories.fallback());
        }
        return bean;
    }
}
