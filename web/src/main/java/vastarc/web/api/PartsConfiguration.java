package vastarc.web.api;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.MultipartResolver;
import org.springframework.web.multipart.support.StandardServletMultipartResolver;

/** Forms in parts (multipart) are read by the call that measures photographs, when it asks for them; no page takes one. */
@Configuration
class PartsConfiguration {

    @Bean
    MultipartResolver multipartResolver() {
        StandardServletMultipartResolver resolver = new CallsOnly();
        resolver.setResolveLazily(true);
        return resolver;
    }

    private static final class CallsOnly extends StandardServletMultipartResolver {

        @Override
        public boolean isMultipart(HttpServletRequest request) {
            boolean parts = super.isMultipart(request);
            if (parts && !request.getRequestURI().startsWith("/api/")) {
                throw new MultipartException("no page takes a form in parts");
            }
            return parts;
        }
    }
}
