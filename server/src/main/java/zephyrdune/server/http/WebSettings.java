package zephyrdune.server.http;

import jakarta.servlet.DispatcherType;
import java.time.Duration;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How requests come in whole, and how long browsers keep what they are sent. */
@Configuration
class WebSettings implements WebMvcConfigurer {

    private static final Duration A_YEAR = Duration.ofDays(365);

    /** Also where a request goes on after its body has come. */
    @Bean
    FilterRegistrationBean<WholeBody> wholeBody() {
        FilterRegistrationBean<WholeBody> registration = new FilterRegistrationBean<>(new WholeBody());
        registration.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC);
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE + 2);
        registration.setAsyncSupported(true);
        return registration;
    }

    /** The names of these files change with their contents; what is not there is not kept. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable());
    }
}
