package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.enums.SecuritySchemeType;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.security.SecurityRequirement;
import io.swagger.v3.oas.annotations.security.SecurityScheme;
import org.springframework.context.annotation.Configuration;

/** The head of the page that describes the API, and the token it asks for. */
@Configuration
@OpenAPIDefinition(
        info =
                @Info(
                        title = "Yellow Fit",
                        version = "1",
                        description =
                                "Errors are problem documents (RFC 9457) with a list of fields. Lengths in metres, temperatures in °C, light in hours."),
        security = @SecurityRequirement(name = "token"))
@SecurityScheme(name = "token", type = SecuritySchemeType.HTTP, scheme = "bearer")
class ApiDescription {}
