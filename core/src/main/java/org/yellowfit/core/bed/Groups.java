package org.yellowfit.core.bed;

import java.util.ArrayList;
import java.util.List;

/** Into which groups a number of plants is divided (rule G4): odd ones of at most seven, the larger first. */
final class Groups {

    static final int LARGEST = 7;

    private Groups() {}

    static List<Integer> of(int count) {
        List<Integer> groups = new ArrayList<>();
        int left = count;
        // As few groups as there can be, whose sizes are all odd: their number is odd when the count is.
        int many = Math.max(1, (count + LARGEST - 1) / LARGEST);
        many += (many & 1) == (count & 1) ? 0 : 1;
        for (int k = many; k > 0 && left > 0; k--) {
            int size = (int) Math.ceil((double) left / k);
            size += (size & 1) == 1 ? 0 : 1;
            size = Math.min(size, left - (k - 1));
            groups.add(size);
            left -= size;
        }
        return groups;
    }
}
