package org.yellowfit.app.planting;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;
import org.yellowfit.core.palette.PlantingFields.Chosen;

/** A planting that was liked (rule G10): its plants, how many of each, and on how much ground. */
@Entity
@Table(name = "recipe")
class Recipe {

    static final int LONGEST_NAME = 120;

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @TenantId
    private Long shopId;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> plants;

    private double areaM2;
    private String keptBy;
    private Instant keptAt;

    protected Recipe() {}

    Recipe(String name) {
        this.name = name;
    }

    void set(List<Chosen> chosen, double ground, String by, Instant now) {
        plants = chosen.stream().map(Chosen::text).toList();
        areaM2 = ground;
        keptBy = by;
        keptAt = now;
    }

    Long id() {
        return id;
    }

    String name() {
        return name;
    }

    List<Chosen> plants() {
        return plants.stream().map(Chosen::parse).toList();
    }

    double areaM2() {
        return areaM2;
    }

    String keptBy() {
        return keptBy;
    }
}
