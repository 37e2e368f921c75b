package vastarc.web.job;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

@Configuration
class JobStripConfiguration implements WebMvcConfigurer {

    private final JobStrips strips;

    JobStripConfiguration(JobStrips strips) {
        this.strips = strips;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(strips).addPathPatterns("/jobs/*/*", "/jobs/*/*/**");
    }
}
