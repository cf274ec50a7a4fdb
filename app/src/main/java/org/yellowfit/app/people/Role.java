package org.yellowfit.app.people;

/**
 * What a person or a token may do: advisors serve visits, buyers change the catalogue too, managers also people and
 * tokens.
 */
public enum Role {
    ADVISOR,
    BUYER,
    MANAGER
}
