package org.yellowfit.app.climate;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.yellowfit.core.light.Location;

@Entity
@Table(name = "station")
class StationEntity {

    @Id
    private UUID id;

    private String name;
    private double latitude;
    private double longitude;
    private double utcOffsetHours;

    @Column(name = "elevation_m")
    private Double elevationM;

    private boolean madeUp;
    private boolean usual;

    @Column(columnDefinition = "text")
    private String csv;

    private String addedBy;
    private Instant addedAt;

    protected StationEntity() {}

    StationEntity(String name, Location where, Double elevationM, boolean madeUp, String csv, String addedBy) {
        this.id = UUID.randomUUID();
        this.name = name;
        this.latitude = where.latitude();
        this.longitude = where.longitude();
        this.utcOffsetHours = where.utcOffsetHours();
        this.elevationM = elevationM;
        this.madeUp = madeUp;
        this.csv = csv;
        this.addedBy = addedBy;
        this.addedAt = Instant.now();
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    Location where() {
        return new Location(latitude, longitude, utcOffsetHours);
    }

    Double elevationM() {
        return elevationM;
    }

    boolean isMadeUp() {
        return madeUp;
    }

    boolean isUsual() {
        return usual;
    }

    void setUsual(boolean usual) {
        this.usual = usual;
    }

    String csv() {
        return csv;
    }
}
