package org.yellowfit.core.search;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import org.yellowfit.core.plant.Cultivar;

/** The facets of all plants of a catalogue, worked out once, so that heaps are counted quickly. Immutable. */
public final class FacetIndex {

    private final short[][] members = new short[Facet.values().length][];

    public FacetIndex(List<Cultivar> plants) {
        for (Facet facet : Facet.values()) {
            short[] column = new short[plants.size()];
            for (int i = 0; i < column.length; i++) {
                column[i] = (short) facet.of(plants.get(i));
            }
            members[facet.ordinal()] = column;
        }
    }

    public boolean isIn(int plant, Facet facet, int heap) {
        return (members[facet.ordinal()][plant] >> heap & 1) == 1;
    }

    /** How many of the plants lie in each heap of a facet. */
    public int[] counts(BitSet plants, Facet facet) {
        int[] counts = new int[facet.heaps().size()];
        short[] column = members[facet.ordinal()];
        for (int i = plants.nextSetBit(0); i >= 0; i = plants.nextSetBit(i + 1)) {
            for (int bits = column[i] & 0xffff; bits != 0; bits &= bits - 1) {
                counts[Integer.numberOfTrailingZeros(bits)]++;
            }
        }
        return counts;
    }

    @Override
    public String toString() {
        return "facets " + Arrays.toString(Facet.values());
    }
}
