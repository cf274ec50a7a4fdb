package org.yellowfit.app.visit;

import java.util.Objects;

/**
 * An answer, and where it comes from.
 *
 * @param value never null: what is not known has no {@code Known}
 */
public record Known<T>(T value, Provenance from) {

    public Known {
        Objects.requireNonNull(value);
        Objects.requireNonNull(from);
    }

    public static <T> Known<T> typed(T value) {
        return new Known<>(value, Provenance.TYPED);
    }

    Known<T> from(Provenance other) {
        return new Known<>(value, other);
    }
}
