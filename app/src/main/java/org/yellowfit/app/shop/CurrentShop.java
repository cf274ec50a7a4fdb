package org.yellowfit.app.shop;

import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.hibernate.cfg.MultiTenancySettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * Whose rows are read and written: those of the signed-in person's shop. Hibernate asks before every session and puts
 * the shop into every statement about an entity that has one; SQL written by hand names {@code shop_id} itself.
 */
@Component
public class CurrentShop implements CurrentTenantIdentifierResolver<Long>, HibernatePropertiesCustomizer {

    /** The shop a stranger's link or a task in the background belongs to, as long as it is at work. */
    private final ThreadLocal<Long> acting = new ThreadLocal<>();

    /** Does something for a shop that nobody of it is signed in for. */
    public <T> T acting(long shopId, Supplier<T> task) {
        acting.set(shopId);
        try {
            return task.get();
        } finally {
            acting.remove();
        }
    }

    /** The same for what gives nothing back. */
    public void acting(long shopId, Runnable task) {
        acting(shopId, () -> {
            task.run();
            return null;
        });
    }

    public long id() {
        Long stranger = acting.get();
        if (stranger != null) {
            return stranger;
        }
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(Authentication::getPrincipal)
                .filter(ShopMember.class::isInstance)
                .map(member -> ((ShopMember) member).shopId())
                .orElse(ShopMember.FIRST_SHOP);
    }

    @Override
    public Long resolveCurrentTenantIdentifier() {
        return id();
    }

    @Override
    public boolean validateExistingCurrentSessions() {
        return true;
    }

    @Override
    public void customize(Map<String, Object> properties) {
        properties.put(MultiTenancySettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    }
}
