package vastarc.web.layout;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.i18n.FixedLocaleResolver;

/** Pages speak one language with Latin digits, whatever the browser would like. */
@Configuration
class LanguageConfiguration {

    @Bean
    LocaleResolver localeResolver() {
        return new FixedLocaleResolver(Locale.ENGLISH);
    }

    @Bean
    MessageSource messageSource() {
        return new PageMessages();
    }
}
