package vastarc.web.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.context.support.ResourceBundleMessageSource;
import vastarc.core.base.text.Sentences;

/** The words of the templates, from {@code messages.properties}, filled as the core's own sentences are. */
final class PageMessages extends ResourceBundleMessageSource {

    PageMessages() {
        setBasename("messages");
        setDefaultEncoding("UTF-8");
        setFallbackToSystemLocale(false);
    }

    @Override
    protected @Nullable String getMessageInternal(
            @Nullable String code, Object @Nullable [] arguments, @Nullable Locale locale) {
        String pattern =
                code == null ? null : resolveCodeWithoutArguments(code, locale == null ? Locale.ENGLISH : locale);
        List<Object> values = arguments == null ? List.of() : Arrays.asList(arguments);
        return pattern == null ? null : Sentences.fill(pattern, values, String::valueOf);
    }
}
