package org.ledgerlamp.server.launch;

import java.io.IOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the interface: files by name, and the one page for every address that is a place within it. */
@Configuration
class PagesConfiguration implements WebMvcConfigurer {
    private static final String HOME = "static/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // The build names these by their content, so they never change.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/" + HOME + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/" + HOME)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new PageOrFile());
    }

    private static final class PageOrFile extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = path.isEmpty() ? null : super.getResource(path, location);
            boolean place = !path.startsWith("api/")
                    && !path.substring(path.lastIndexOf('/') + 1).contains(".");
            return file == null && place ? new ClassPathResource(HOME + "index.html") : file;
        }
    }
}
