package nobrec.server.api;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The browser's part is one page; its sections have addresses of their own that can be reloaded and kept. */
@Configuration
class PageRoutes implements WebMvcConfigurer {

    private static final Duration A_YEAR = Duration.ofDays(365);

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String section : new String[] {
            "/departures",
            "/jobs",
            "/jobs/files/*",
            "/bench",
            "/handover",
            "/handover/*",
            "/bench/*",
            "/postings",
            "/rates",
            "/sources",
            "/sources/**",
            "/connections"
        }) {
            registry.addViewController(section).setViewName("forward:/index.html");
        }
    }

    /** The build puts a hash of its contents into each of these files' names: what was fetched once never changes. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable());
    }
}
