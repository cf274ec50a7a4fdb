package org.yellowfit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.yellowfit.app.shop.ShopSettings;

/** Where the shop wants a second factor of everybody, whoever has none sets one up before anything else. */
@Configuration
class SecondFactorGate implements WebMvcConfigurer, HandlerInterceptor {

    private final ShopSettings shop;
    private final PersonRepository persons;

    SecondFactorGate(ShopSettings shop, PersonRepository persons) {
        this.shop = shop;
        this.persons = persons;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this)
                .excludePathPatterns("/account/**", "/sign-in", "/welcome/**", "/error", "/api/**", "/drawings/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        boolean signedIn = request.getUserPrincipal() != null;
        if (signedIn
                && shop.get().secondFactor()
                && lacksOne(request.getUserPrincipal().getName())) {
            response.sendRedirect("/account?second");
            return false;
        }
        return true;
    }

    private boolean lacksOne(String username) {
        return persons.findByUsername(username)
                .filter(person -> person.secondFactor().isPresent())
                .isEmpty();
    }
}
