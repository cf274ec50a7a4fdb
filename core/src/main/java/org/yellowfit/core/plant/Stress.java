package org.yellowfit.core.plant;

/** What a place may burden a plant with (rule F4). */
public enum Stress {
    WIND,
    SALT,
    JUGLONE,
    POLLUTION,
    HEAT,
    HUMIDITY,
    REFLECTED_HEAT
}
