package org.yellowfit.core.fit;

import java.util.HashSet;
import java.util.Set;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/** A place with a few things changed: what it becomes when a remedy is taken up, or when it is asked what would be if. */
public final class SiteEdit {

    private final SiteConditions from;
    private Double sunHours;
    private Double hotHours;
    private Boolean reflectedHeat;
    private TextureClass texture;
    private Drainage drainage;
    private Double ph;
    private Double moisture;
    private Boolean sheltered;
    private Set<Stress> exposure;
    private Pressure deer;
    private Pressure rabbits;
    private Boolean children;
    private Boolean pets;
    private Boolean container;
    private Double depthM;
    private Double lengthM;
    private Double maxHeightM;
    private Practice practice;

    SiteEdit(SiteConditions from) {
        this.from = from;
        sunHours = from.sunHours();
        hotHours = from.hotHours();
        reflectedHeat = from.reflectedHeat();
        texture = from.texture();
        drainage = from.drainage();
        ph = from.ph();
        moisture = from.moisture();
        sheltered = from.sheltered();
        exposure = from.exposure();
        deer = from.deer();
        rabbits = from.rabbits();
        children = from.children();
        pets = from.pets();
        container = from.container();
        depthM = from.depthM();
        lengthM = from.lengthM();
        maxHeightM = from.maxHeightM();
        practice = from.practice();
    }

    public SiteEdit sunHours(double hours) {
        sunHours = hours;
        return this;
    }

    SiteEdit hotHours(double hours) {
        hotHours = hours;
        return this;
    }

    SiteEdit texture(TextureClass to) {
        texture = to;
        return this;
    }

    SiteEdit drainage(Drainage to) {
        drainage = to;
        return this;
    }

    SiteEdit ph(double to) {
        ph = to;
        return this;
    }

    SiteEdit moisture(double to) {
        moisture = to;
        return this;
    }

    SiteEdit sheltered() {
        sheltered = true;
        return this;
    }

    SiteEdit without(Set<Stress> stresses) {
        if (exposure != null) {
            Set<Stress> left = new HashSet<>(exposure);
            left.removeAll(stresses);
            exposure = left;
        }
        if (stresses.contains(Stress.REFLECTED_HEAT)) {
            reflectedHeat = false;
        }
        return this;
    }

    SiteEdit noDeer() {
        deer = Pressure.NONE;
        return this;
    }

    SiteEdit noRabbits() {
        rabbits = Pressure.NONE;
        return this;
    }

    SiteEdit outOfReach() {
        children = false;
        pets = false;
        return this;
    }

    SiteEdit container() {
        container = true;
        return this;
    }

    /** Room for a plant so wide, the clearances kept. */
    SiteEdit roomFor(double spreadM) {
        depthM = depthM == null
                ? null
                : (Double) Math.max(depthM, spreadM + from.wallClearanceM() + from.pathClearanceM());
        lengthM = lengthM == null ? null : (Double) Math.max(lengthM, spreadM);
        return this;
    }

    SiteEdit heightFor(double heightM) {
        maxHeightM = maxHeightM == null ? null : (Double) Math.max(maxHeightM, heightM);
        return this;
    }

    SiteEdit practice(Practice to) {
        practice = to;
        return this;
    }

    public SiteConditions build() {
        return new SiteConditions(
                from.zone(),
                sunHours,
                hotHours,
                reflectedHeat,
                from.hotSummer(),
                texture,
                drainage,
                ph,
                moisture,
                sheltered,
                from.frostPocket(),
                exposure,
                deer,
                rabbits,
                children,
                pets,
                from.strictlyNoHazards(),
                container,
                depthM,
                lengthM,
                maxHeightM,
                from.wallClearanceM(),
                from.pathClearanceM(),
                from.horizonYears(),
                from.plantingDate(),
                from.firstFrost(),
                from.springFrosts(),
                practice);
    }
}
