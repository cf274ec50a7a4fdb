package org.yellowfit.app.assets;

import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

@Configuration
class AssetConfig {

    @Bean
    FilterRegistrationBean<AssetFilter> assetFilter(Assets assets) {
        FilterRegistrationBean<AssetFilter> filter = new FilterRegistrationBean<>(new AssetFilter(assets));
        filter.addUrlPatterns("/assets/*");
        filter.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return filter;
    }
}
