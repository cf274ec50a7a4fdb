package org.yellowfit.app.drawing;

import java.util.Locale;
import java.util.Map;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;

/** How a plant carries its flowers. The catalogue does not say; the genus does, by common botanical knowledge. */
enum FlowerForm {
    /** A tapering or domed head of many small flowers. */
    CONE,
    BALL,
    DOME,
    /** Rising stems set with flowers, dense or airy. */
    SPIKE,
    AIRY_SPIKE,
    PLUME,
    GRASS_HEAD,
    /** Single flowers. */
    DAISY,
    OPEN,
    TRUMPET,
    FLAG,
    RIBBONS,
    /** Bells hanging each from a stem of its own, as a snowdrop's. */
    NODDING,
    /** Small flowers scattered through the crown, standing or hanging. */
    CLUSTER,
    CATKIN,
    BELLS;

    private static final Map<String, FlowerForm> BY_GENUS = Map.ofEntries(
            Map.entry("hydrangea", CONE),
            Map.entry("buddleja", CONE),
            Map.entry("syringa", CONE),
            Map.entry("ceanothus", CONE),
            Map.entry("allium", BALL),
            Map.entry("armeria", BALL),
            Map.entry("rhododendron", BALL),
            Map.entry("pelargonium", BALL),
            Map.entry("echinops", BALL),
            Map.entry("viburnum", DOME),
            Map.entry("physocarpus", DOME),
            Map.entry("spiraea", DOME),
            Map.entry("sedum", DOME),
            Map.entry("hylotelephium", DOME),
            Map.entry("achillea", DOME),
            Map.entry("asclepias", DOME),
            Map.entry("cornus", DOME),
            Map.entry("phlox", DOME),
            Map.entry("eupatorium", DOME),
            Map.entry("sambucus", DOME),
            Map.entry("lobularia", CLUSTER),
            Map.entry("salvia", SPIKE),
            Map.entry("nepeta", SPIKE),
            Map.entry("lavandula", SPIKE),
            Map.entry("veronica", SPIKE),
            Map.entry("agastache", SPIKE),
            Map.entry("clethra", SPIKE),
            Map.entry("itea", SPIKE),
            Map.entry("liatris", SPIKE),
            Map.entry("digitalis", SPIKE),
            Map.entry("heuchera", AIRY_SPIKE),
            Map.entry("tiarella", AIRY_SPIKE),
            Map.entry("hosta", AIRY_SPIKE),
            Map.entry("penstemon", AIRY_SPIKE),
            Map.entry("astilbe", PLUME),
            Map.entry("cotinus", PLUME),
            Map.entry("aruncus", PLUME),
            Map.entry("filipendula", PLUME),
            Map.entry("echinacea", DAISY),
            Map.entry("rudbeckia", DAISY),
            Map.entry("aster", DAISY),
            Map.entry("symphyotrichum", DAISY),
            Map.entry("helenium", DAISY),
            Map.entry("leucanthemum", DAISY),
            Map.entry("coreopsis", DAISY),
            Map.entry("rosa", OPEN),
            Map.entry("geranium", OPEN),
            Map.entry("clematis", OPEN),
            Map.entry("helleborus", OPEN),
            Map.entry("potentilla", OPEN),
            Map.entry("paeonia", OPEN),
            Map.entry("magnolia", OPEN),
            Map.entry("camellia", OPEN),
            Map.entry("narcissus", TRUMPET),
            Map.entry("tulipa", TRUMPET),
            Map.entry("hemerocallis", TRUMPET),
            Map.entry("lilium", TRUMPET),
            Map.entry("iris", FLAG),
            Map.entry("hamamelis", RIBBONS),
            Map.entry("salix", CATKIN),
            Map.entry("betula", CATKIN),
            Map.entry("corylus", CATKIN),
            Map.entry("carpinus", CATKIN),
            Map.entry("epimedium", NODDING),
            Map.entry("gaultheria", BELLS),
            Map.entry("pieris", BELLS),
            Map.entry("campanula", NODDING),
            Map.entry("symphoricarpos", BELLS),
            Map.entry("perovskia", SPIKE),
            Map.entry("baptisia", SPIKE),
            Map.entry("kniphofia", SPIKE),
            Map.entry("antirrhinum", SPIKE),
            Map.entry("camassia", SPIKE),
            Map.entry("callistemon", SPIKE),
            Map.entry("erica", SPIKE),
            Map.entry("calluna", SPIKE),
            Map.entry("stachys", SPIKE),
            Map.entry("caryopteris", SPIKE),
            Map.entry("liriope", SPIKE),
            Map.entry("ophiopogon", SPIKE),
            Map.entry("lobelia", SPIKE),
            Map.entry("eutrochium", DOME),
            Map.entry("vernonia", DOME),
            Map.entry("verbena", DOME),
            Map.entry("euphorbia", DOME),
            Map.entry("plumbago", DOME),
            Map.entry("lantana", DOME),
            Map.entry("pycnanthemum", DOME),
            Map.entry("amsonia", DOME),
            Map.entry("alchemilla", DOME),
            Map.entry("aronia", DOME),
            Map.entry("photinia", DOME),
            Map.entry("kalmia", DOME),
            Map.entry("monarda", DOME),
            Map.entry("agapanthus", BALL),
            Map.entry("eryngium", BALL),
            Map.entry("bergenia", BALL),
            Map.entry("lagerstroemia", CONE),
            Map.entry("gaillardia", DAISY),
            Map.entry("zinnia", DAISY),
            Map.entry("tagetes", DAISY),
            Map.entry("cosmos", DAISY),
            Map.entry("ligularia", DAISY),
            Map.entry("anemone", DAISY),
            Map.entry("crocus", TRUMPET),
            Map.entry("campsis", TRUMPET),
            Map.entry("lonicera", TRUMPET),
            Map.entry("galanthus", NODDING),
            Map.entry("polygonatum", BELLS),
            Map.entry("dicentra", NODDING),
            Map.entry("begonia", BELLS),
            Map.entry("pulmonaria", NODDING),
            Map.entry("leucothoe", BELLS),
            Map.entry("arctostaphylos", BELLS),
            Map.entry("akebia", BELLS),
            Map.entry("yucca", PLUME),
            Map.entry("cordyline", PLUME),
            Map.entry("brunnera", CLUSTER),
            Map.entry("ceratostigma", CLUSTER),
            Map.entry("calibrachoa", CLUSTER));

    static FlowerForm of(Cultivar plant) {
        String[] names = plant.botanical().toLowerCase(Locale.ROOT).split(" ");
        if (names[0].equals("hydrangea")) {
            return plant.botanical().contains("macrophylla")
                            || plant.botanical().contains("arborescens")
                    ? BALL
                    : plant.kind() == Kind.CLIMBER ? DOME : CONE;
        }
        FlowerForm known = BY_GENUS.get(names[0]);
        if (known != null) {
            return known;
        }
        return switch (plant.kind()) {
            case GRASS -> GRASS_HEAD;
            case BULB -> TRUMPET;
            case PERENNIAL, ANNUAL, CLIMBER -> OPEN;
            default -> CLUSTER;
        };
    }

    /** On stems of their own above the leaves of a herbaceous plant. */
    boolean isOnStems() {
        return switch (this) {
            case SPIKE, AIRY_SPIKE, PLUME, GRASS_HEAD, DAISY, BALL, DOME, TRUMPET, FLAG, NODDING -> true;
            default -> false;
        };
    }
}
