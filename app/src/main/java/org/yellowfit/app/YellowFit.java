package org.yellowfit.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The application: screens and API over the rules of the core. */
@SpringBootApplication
@EnableScheduling
@ConfigurationPropertiesScan
public class YellowFit {

    public static void main(String[] args) {
        SpringApplication.run(YellowFit.class, args);
    }
}
