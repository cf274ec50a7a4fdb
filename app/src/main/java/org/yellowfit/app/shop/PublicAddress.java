package org.yellowfit.app.shop;

import java.net.URI;
import java.util.Locale;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Under which address people reach the shop. It is told, never taken from a request: the {@code Host} that a request
 * names is whatever its sender likes.
 *
 * @param publicAddress scheme, host and port, as in {@code https://plants.example.com}
 */
@ConfigurationProperties("yellowfit")
public record PublicAddress(
        @DefaultValue("http://127.0.0.1:8080") String publicAddress) {

    public PublicAddress {
        publicAddress = publicAddress.strip().replaceAll("/+$", "");
        URI address = URI.create(publicAddress);
        String scheme = String.valueOf(address.getScheme()).toLowerCase(Locale.ROOT);
        if (address.getHost() == null || !(scheme.equals("https") || scheme.equals("http"))) {
            throw new IllegalArgumentException("yellowfit.public-address (YF_PUBLIC_ADDRESS) is “" + publicAddress
                    + "”; it must be like https://plants.example.com");
        }
    }

    /** @param path from the root, with its slash */
    public String of(String path) {
        return publicAddress + path;
    }

    /** Browsers reach the shop by TLS, so cookies need never travel without. */
    public boolean isSecure() {
        return publicAddress.toLowerCase(Locale.ROOT).startsWith("https:");
    }
}
