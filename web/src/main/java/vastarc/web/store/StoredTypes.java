package vastarc.web.store;

import java.lang.reflect.Method;
import java.util.function.Predicate;
import org.springframework.data.util.TypeCollector.TypeCollectorFilters;

/**
 * How far the build follows types from an entity, when it writes down how the program is put together: no further than what
 * is stored. Spring Data would follow every method into core, once for each repository, for the sake of native images, which
 * are not built here; see decision 046. Read at build through {@code META-INF/spring/aot.factories}.
 */
final class StoredTypes implements TypeCollectorFilters {

    @Override
    public Predicate<Class<?>> classPredicate() {
        return type -> type.getName().startsWith("vastarc.web.store.");
    }

    @Override
    public Predicate<Method> methodPredicate() {
        return method -> false;
    }
}
