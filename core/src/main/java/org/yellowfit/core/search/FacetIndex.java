package org.yellowfit.core.search;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.plant.Cultivar;

/**
 * For every heap of every facet the plants that lie in it, worked out once, so that heaps are counted a word of 64
 * plants at a time. Immutable.
 */
public final class FacetIndex {

    private final BitSet[][] members = new BitSet[Facet.values().length][];

    public FacetIndex(List<Cultivar> plants) {
        for (Facet facet : Facet.values()) {
            BitSet[] heaps = new BitSet[facet.heaps().size()];
            for (int heap = 0; heap < heaps.length; heap++) {
                heaps[heap] = new BitSet(plants.size());
            }
            for (int i = 0; i < plants.size(); i++) {
                for (long bits = facet.of(plants.get(i)); bits != 0; bits &= bits - 1) {
                    heaps[Long.numberOfTrailingZeros(bits)].set(i);
                }
            }
            members[facet.ordinal()] = heaps;
        }
    }

    /** Those of the plants that lie in every one of the heaps chosen. */
    public BitSet narrowed(BitSet plants, Map<Facet, Integer> chosen) {
        BitSet narrowed = (BitSet) plants.clone();
        chosen.forEach((facet, heap) -> narrowed.and(members[facet.ordinal()][heap]));
        return narrowed;
    }

    /** How many of the plants lie in each heap of a facet. */
    public int[] counts(BitSet plants, Facet facet) {
        return Arrays.stream(members[facet.ordinal()])
                .mapToInt(heap -> both(plants, heap).cardinality())
                .toArray();
    }

    private static BitSet both(BitSet plants, BitSet heap) {
        BitSet both = (BitSet) plants.clone();
        both.and(heap);
        return both;
    }
}
