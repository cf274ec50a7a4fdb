package org.yellowfit.app.visit;

import org.yellowfit.core.measure.Field;

/**
 * A field of a visit: in which section it stands, and what it holds. Two are the same when section and name are.
 *
 * @param <T> of its values
 */
public record VisitField<T>(Section section, Field<T> field) {

    /** By which forms and problems name it, like {@code site.sunHours}. */
    public String key() {
        return section.prefix + field.name();
    }

    /** Two people’s ticks of one list come together tick by tick. */
    boolean isTicked() {
        return section == Section.SEEN_SUN;
    }

    public String name() {
        return field.name();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof VisitField<?> that && section == that.section && name().equals(that.name());
    }

    @Override
    public int hashCode() {
        return key().hashCode();
    }

    @Override
    public String toString() {
        return key();
    }
}
