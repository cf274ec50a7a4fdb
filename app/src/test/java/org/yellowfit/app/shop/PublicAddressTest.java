package org.yellowfit.app.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PublicAddressTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "https://plants.example.com, https://plants.example.com/welcome/x, true",
        "https://plants.example.com:8443/, https://plants.example.com:8443/welcome/x, true",
        "HTTPS://plants.example.com, HTTPS://plants.example.com/welcome/x, true",
        "http://127.0.0.1:8080, http://127.0.0.1:8080/welcome/x, false",
        "http://[::1]:8080, http://[::1]:8080/welcome/x, false",
    })
    void addressesBeginWithIt(String told, String address, boolean secure) {
        PublicAddress shop = new PublicAddress(told);
        assertThat(shop.of("/welcome/x")).isEqualTo(address);
        assertThat(shop.isSecure()).isEqualTo(secure);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "plants.example.com", "ftp://plants.example.com", "https://", "javascript:alert(1)", "a b"})
    void whatIsNoAddressStopsTheStart(String told) {
        assertThatIllegalArgumentException().isThrownBy(() -> new PublicAddress(told));
    }
}
