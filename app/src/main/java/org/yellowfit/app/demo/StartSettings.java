package org.yellowfit.app.demo;

import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.validation.annotation.Validated;

/**
 * What the start command says of the first start.
 *
 * @param demo            fill an empty database with the made-up shop
 * @param apiToken        in demo mode, a token that programs may use; blank for none
 * @param managerPassword of the first manager without a demo; blank to have one made up and told in the log
 */
@Validated
@ConfigurationProperties("yellowfit")
record StartSettings(
        boolean demo,
        @DefaultValue("") @Size(max = 200) String apiToken,

        @DefaultValue("") @Pattern(regexp = "|.{10,70}", message = "must have 10 to 70 characters")
        String managerPassword) {}
