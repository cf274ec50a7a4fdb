package org.yellowfit.app.people;

/**
 * What a person or a token may do: advisors serve visits, buyers change the catalogue too, managers also people and
 * tokens.
 */
public enum Role {
    ADVISOR,
    BUYER,
    MANAGER;

    public String words() {
        return name().charAt(0) + name().substring(1).toLowerCase(java.util.Locale.ROOT);
    }
}
