package org.yellowfit.app.takeaway;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.yellowfit.core.takeoff.PlantingSpace;
import org.yellowfit.core.takeoff.School;

/** One plant on a visit's list: the ground it is to fill, in m² or m, or a plain number. */
@Entity
class ListLine {

    /** What {@code amount} counts: m², m of a row, or plants. */
    enum Fill {
        AREA,
        ROW,
        NUMBER
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @TenantId
    private Long shopId;

    private UUID visitId;
    private String cultivarId;

    @Enumerated(EnumType.STRING)
    private Fill ground;

    private double amount;
    private boolean endsClear;

    @Enumerated(EnumType.STRING)
    private School school;

    private int closeBy;
    private String pot = "";
    private String largerPot = "";
    private int largerCount;
    private int position;

    @Version
    private long version;

    protected ListLine() {}

    ListLine(UUID visitId, String cultivarId, int position, Content content) {
        this.visitId = visitId;
        this.cultivarId = cultivarId;
        this.position = position;
        set(content);
    }

    /**
     * What a person decides about a line.
     *
     * @param largerPot   some of the plants come in this one; empty when all come in {@code pot}
     * @param largerCount how many do
     */
    record Content(
            Fill fill,
            double amount,
            boolean endsClear,
            School school,
            int closeBy,
            String pot,
            String largerPot,
            int largerCount) {

        Content filling(Fill otherFill, double otherAmount) {
            return new Content(otherFill, otherAmount, endsClear, school, closeBy, pot, largerPot, largerCount);
        }

        PlantingSpace ground() {
            return switch (fill) {
                case AREA -> new PlantingSpace.Area(amount);
                case ROW -> new PlantingSpace.Row(amount, endsClear);
                case NUMBER -> new PlantingSpace.Number((int) Math.round(amount));
            };
        }
    }

    void set(Content content) {
        ground = content.fill();
        amount = content.amount();
        endsClear = content.endsClear();
        school = content.school();
        closeBy = content.closeBy();
        pot = content.pot();
        largerPot = content.largerPot();
        largerCount = content.largerCount();
    }

    Content content() {
        return new Content(ground, amount, endsClear, school, closeBy, pot, largerPot, largerCount);
    }

    Long id() {
        return id;
    }

    UUID visitId() {
        return visitId;
    }

    String cultivarId() {
        return cultivarId;
    }

    int position() {
        return position;
    }

    long version() {
        return version;
    }
}
