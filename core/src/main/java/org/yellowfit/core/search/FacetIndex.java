package org.yellowfit.core.search;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.plant.Cultivar;

/**
 * For every group of every facet the plants that lie in it, worked out once, so that groups are counted a word of 64
 * plants at a time. Immutable.
 */
public final class FacetIndex {

    private final BitSet[][] members = new BitSet[Facet.values().length][];

    public FacetIndex(List<Cultivar> plants) {
        for (Facet facet : Facet.values()) {
            BitSet[] groups = new BitSet[facet.groups().size()];
            for (int group = 0; group < groups.length; group++) {
                groups[group] = new BitSet(plants.size());
            }
            for (int i = 0; i < plants.size(); i++) {
                for (long bits = facet.of(plants.get(i)); bits != 0; bits &= bits - 1) {
                    groups[Long.numberOfTrailingZeros(bits)].set(i);
                }
            }
            members[facet.ordinal()] = groups;
        }
    }

    /** Those of the plants that lie in every one of the groups chosen. */
    public BitSet narrowed(BitSet plants, Map<Facet, Integer> chosen) {
        BitSet narrowed = (BitSet) plants.clone();
        chosen.forEach((facet, group) -> narrowed.and(members[facet.ordinal()][group]));
        return narrowed;
    }

    /** How many of the plants lie in each group of a facet. */
    public int[] counts(BitSet plants, Facet facet) {
        return Arrays.stream(members[facet.ordinal()])
                .mapToInt(group -> both(plants, group).cardinality())
                .toArray();
    }

    private static BitSet both(BitSet plants, BitSet group) {
        BitSet both = (BitSet) plants.clone();
        both.and(group);
        return both;
    }
}
