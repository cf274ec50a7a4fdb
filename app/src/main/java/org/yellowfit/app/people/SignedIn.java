package org.yellowfit.app.people;

import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;
import org.yellowfit.app.shop.ShopMember;

/** The person at the screen. Serialisable: it lives in the session, which lives in the database. */
public record SignedIn(String username, String displayName, String passwordHash, Role role, boolean active, long shopId)
        implements UserDetails, ShopMember {

    public SignedIn(String username, String displayName, String passwordHash, Role role, boolean active) {
        this(username, displayName, passwordHash, role, active, FIRST_SHOP);
    }

    /** A session from before there were shops says none: it is the first one’s. */
    public SignedIn {
        shopId = shopId == 0 ? FIRST_SHOP : shopId;
    }

    /** The same without what only signing in needs: the session keeps no password. */
    SignedIn withoutPassword() {
        return new SignedIn(username, displayName, "", role, active, shopId);
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + role.name()));
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return username;
    }

    @Override
    public boolean isEnabled() {
        return active;
    }
}
