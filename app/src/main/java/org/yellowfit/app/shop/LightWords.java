package org.yellowfit.app.shop;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.yellowfit.core.light.LightCutoffs;

/**
 * From how many hours of sun the shop speaks of full sun, part sun and shade (B1).
 *
 * @param full  h, 6 unless said
 * @param part  h, 4 unless said; 3 for those who call three hours part
 * @param shade h, 2 unless said
 */
@ConfigurationProperties("yellowfit.light")
public record LightWords(
        @DefaultValue("6") double full,
        @DefaultValue("4") double part,
        @DefaultValue("2") double shade) {

    /** @throws IllegalArgumentException when they are not in their order: the application does not start */
    public LightCutoffs cutoffs() {
        return new LightCutoffs(full, part, shade);
    }

    public LightWords {
        new LightCutoffs(full, part, shade);
    }
}
