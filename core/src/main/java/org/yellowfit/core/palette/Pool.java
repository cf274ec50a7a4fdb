package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Live;
import org.yellowfit.core.fit.Ranked;

/** The plants a planting may be made of: in each patch those that live there, serve, and have room. */
final class Pool {

    private Pool() {}

    /**
     * @param from ids to choose from; empty for the whole catalogue, of which in each layer only the best of a species is
     *             taken: two that are nearly the same do not make a planting richer
     */
    static List<Member> of(Catalogue plants, List<Plot> grounds, Aims aims, Set<String> from) {
        List<Member> pool = new ArrayList<>();
        Set<String> species = new HashSet<>();
        for (int g = 0; g < grounds.size(); g++) {
            Plot ground = grounds.get(g);
            for (Ranked ranked : new Fit(plants).order(ground.question(), plants.size())) {
                if (ranked.live() == Live.NO
                        || !from.isEmpty() && !from.contains(ranked.plant().id())) {
                    continue;
                }
                Member member = Member.of(g, ground, ranked, aims.weaving());
                if (!Member.isOutOfScale(ranked.plant(), ground)
                        && member.cellM2() <= ground.areaM2() * Scoring.OVERFULL) {
                    if (!from.isEmpty()
                            || species.add(
                                    g + member.layer().name() + member.plant().botanical())) {
                        pool.add(member);
                    }
                }
            }
        }
        return pool;
    }
}
