package zephyrdune.server.http;

import jakarta.servlet.DispatcherType;
import java.time.Duration;
import java.util.Set;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How requests come in whole, and how long browsers keep what they are sent. */
@Configuration
class WebSettings implements WebMvcConfigurer {

    private static final Set<String> UNPROMISED = Set.of("yaml", "xml", "cbor", "smile");
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

    /** The API speaks JSON and files; what else libraries on the class path could write is not promised. */
    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
        builder.configureMessageConvertersList(converters -> converters.removeIf(
                converter -> converter.getSupportedMediaTypes().stream().anyMatch(WebSettings::unpromised)));
    }

    private static boolean unpromised(MediaType type) {
        return UNPROMISED.stream().anyMatch(type.getSubtype()::contains);
    }

    /** The names of these files change with their contents; what is not there is not kept. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable());
    }
}
