package org.yellowfit.app.catalogue;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.WatchList;
import org.yellowfit.core.search.WordIndex;

/** All plants as their labels have them, by id, and what is found among labels alone: every shop reads the same. */
final class Labels {

    private final List<Cultivar> all;
    private final WatchList watchList;
    private final Catalogue catalogue;
    private final Map<Trait<String>, List<String>> wordsOf = new ConcurrentHashMap<>();
    private volatile WordIndex names;

    /** @param all ordered by id */
    Labels(List<Cultivar> all, WatchList watchList) {
        this.all = all;
        this.watchList = watchList;
        this.catalogue = Catalogue.of(all, watchList);
    }

    List<Cultivar> all() {
        return all;
    }

    WatchList watchList() {
        return watchList;
    }

    Catalogue catalogue() {
        return catalogue;
    }

    /** Every word a trait has in the catalogue, in the order of the alphabet. */
    List<String> words(Trait<String> trait) {
        return wordsOf.computeIfAbsent(
                trait,
                each -> all.stream()
                        .flatMap(plant -> plant.get(trait).stream())
                        .distinct()
                        .sorted(String.CASE_INSENSITIVE_ORDER)
                        .toList());
    }

    WordIndex names() {
        WordIndex made = names;
        if (made == null) {
            made = new WordIndex(all);
            names = made;
        }
        return made;
    }
}
