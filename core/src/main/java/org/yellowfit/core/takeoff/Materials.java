package org.yellowfit.core.takeoff;

import static org.yellowfit.core.measure.Checks.between;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.PotSize;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.soil.Amendment;
import org.yellowfit.core.soil.TextureClass;

/**
 * Mulch, what is worked into the ground, what fills pots, and what holds trees (rule H5).
 *
 * <p>Check values: 10 m² at 7 cm ask for 0.7 m³ of mulch, 14 bags of 50 l; 100 l of pots for 115 l of mix.
 */
public final class Materials {

    public static final double MULCH_CM = 7;
    /** Mix settles when it is watered (H5). */
    public static final double SETTLING = 1.15;
    /** Below this pH at the most a plant is one of acid ground. */
    private static final double ACID_PH = 6.2;
    /** Acid mix round each root, as many times the litres of its pot; our estimate of a hole twice as wide. */
    private static final double ROUND_THE_ROOT = 3;

    private static final double USUAL_POT_L = 5;
    private static final double STAKED_FROM_M = 3;
    private static final int TIES_A_STAKE = 1;

    /** @param pot by its name; empty when it is not known */
    public record Planted(Cultivar plant, int count, String pot) {}

    /**
     * @param areaM2      of ground that is planted; 0 for none
     * @param mulchCm     depth of the mulch; 0 for none
     * @param texture     of the ground; null: nothing is worked in
     * @param ph          of the ground; null when it is not known: plants of acid ground are then taken to need mix
     * @param containersL litres of all pots that stay pots
     */
    public record Ground(double areaM2, double mulchCm, TextureClass texture, Double ph, double containersL) {
        public Ground {
            between("The area", areaM2, 0, 100_000, "m²");
            between("The depth of the mulch", mulchCm, 0, 30, "cm");
            between("The litres of the pots", containersL, 0, 1_000_000, "l");
        }
    }

    private Materials() {}

    /** @param leftOver litres that are there already, by material */
    public static List<Material> of(Ground ground, List<Planted> plants, Map<MaterialKind, Double> leftOver) {
        List<Material> needed = new ArrayList<>();
        Need need = new Need(needed, leftOver);
        need.pour(MaterialKind.MULCH, ground.areaM2() * ground.mulchCm() * 10);
        if (ground.texture() != null && ground.areaM2() > 0) {
            Amendment work = Amendment.of(ground.texture(), null, null, ground.areaM2(), Amendment.USUAL_DEPTH_M);
            need.pour(MaterialKind.COMPOST, work.organicM3() * 1000);
            need.pour(MaterialKind.GRIT, work.gritM3() * 1000);
        }
        boolean pots = ground.containersL() > 0;
        boolean allAcid = !plants.isEmpty() && plants.stream().allMatch(each -> isAcid(each.plant()));
        double acid = pots ? 0 : acidLitres(ground, plants);
        need.pour(MaterialKind.ACID_MIX, acid + (pots && allAcid ? ground.containersL() * SETTLING : 0));
        need.pour(MaterialKind.POT_FILL, pots && !allAcid ? ground.containersL() * SETTLING : 0);
        int stakes = pots
                ? 0
                : plants.stream()
                        .filter(each -> isStaked(each.plant()))
                        .mapToInt(Planted::count)
                        .sum();
        need.count(MaterialKind.STAKE, stakes);
        need.count(MaterialKind.TIE, stakes * TIES_A_STAKE);
        return needed;
    }

    private static double acidLitres(Ground ground, List<Planted> plants) {
        return plants.stream()
                .filter(each -> isAcid(each.plant()))
                .filter(each -> ground.ph() == null
                        || ground.ph()
                                > each.plant().get(Traits.PH).orElseThrow().high())
                .mapToDouble(each -> each.count()
                        * ROUND_THE_ROOT
                        * PotSize.litres(each.pot()).orElse(USUAL_POT_L))
                .sum();
    }

    private static boolean isAcid(Cultivar plant) {
        return plant.get(Traits.PH).filter(range -> range.high() <= ACID_PH).isPresent();
    }

    private static boolean isStaked(Cultivar plant) {
        return plant.kind() == Kind.TREE && plant.height10().mid() >= STAKED_FROM_M;
    }

    /** Gathers what is needed beyond what is left over. */
    private record Need(List<Material> needed, Map<MaterialKind, Double> leftOver) {

        void pour(MaterialKind kind, double litres) {
            double missing = litres - leftOver.getOrDefault(kind, 0.0);
            if (missing > 0) {
                needed.add(Material.poured(kind, missing));
            }
        }

        void count(MaterialKind kind, int count) {
            if (count > 0) {
                needed.add(Material.counted(kind, count));
            }
        }
    }
}
