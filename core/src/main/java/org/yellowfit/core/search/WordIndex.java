package org.yellowfit.core.search;

import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/**
 * Which plants carry which words, by the words' beginnings: first those of names, then those said of the plant.
 * Immutable.
 */
public final class WordIndex {

    private final TreeMap<String, int[]> names;
    private final TreeMap<String, int[]> said;
    private final int size;

    public WordIndex(List<Cultivar> plants) {
        size = plants.size();
        names = new TreeMap<>(indexed(plants, true));
        said = new TreeMap<>(indexed(plants, false));
    }

    /** Plants that carry, for every one of the words, one beginning with it. */
    public BitSet plants(List<String> words, boolean namesOnly) {
        BitSet all = new BitSet(size);
        all.set(0, size);
        for (String word : words) {
            BitSet with = new BitSet(size);
            add(with, names, word);
            if (!namesOnly) {
                add(with, said, word);
            }
            all.and(with);
        }
        return all;
    }

    /** Whether some plant carries a word beginning so. */
    public boolean knows(String beginning) {
        return begins(names, beginning) || begins(said, beginning);
    }

    /** Letters and digits in lower case; blank when there are none. */
    public static String plain(String word) {
        return word.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}×]", "");
    }

    /** The words of a plant's names. */
    public static Set<String> namesOf(Cultivar plant) {
        return words(plant.name() + " " + plant.get(Traits.COMMON).orElse("") + " "
                + plant.get(Traits.SYNONYMS).orElse("") + " " + plant.id());
    }

    private static Set<String> saidOf(Cultivar plant) {
        return words(Words.of(plant.kind()) + " " + plant.get(Traits.LEAF_SHAPE).orElse("") + " "
                + plant.get(Traits.NATIVE_REGION).orElse("") + " "
                + plant.get(Traits.TELL_APART).orElse("") + " "
                + plant.get(Traits.TROUBLES).orElse(""));
    }

    private static Set<String> words(String text) {
        Set<String> words = new LinkedHashSet<>();
        int start = -1;
        for (int i = 0; i <= text.length(); i++) {
            boolean part = i < text.length() && (Character.isLetterOrDigit(text.charAt(i)) || text.charAt(i) == '×');
            if (part && start < 0) {
                start = i;
            } else if (!part && start >= 0) {
                words.add(text.substring(start, i).toLowerCase(Locale.ROOT));
                start = -1;
            }
        }
        return words;
    }

    private static void add(BitSet plants, TreeMap<String, int[]> index, String beginning) {
        index.subMap(beginning, true, beginning + Character.MAX_VALUE, true)
                .values()
                .forEach(list -> {
                    for (int plant : list) {
                        plants.set(plant);
                    }
                });
    }

    private static boolean begins(TreeMap<String, int[]> index, String beginning) {
        String next = index.ceilingKey(beginning);
        return next != null && next.startsWith(beginning);
    }

    private static Map<String, int[]> indexed(List<Cultivar> plants, boolean ofNames) {
        Map<String, int[]> lists = new HashMap<>();
        Map<String, Integer> lengths = new HashMap<>();
        for (int i = 0; i < plants.size(); i++) {
            for (String word : ofNames ? namesOf(plants.get(i)) : saidOf(plants.get(i))) {
                int length = lengths.merge(word, 1, Integer::sum);
                int[] list = lists.computeIfAbsent(word, w -> new int[1]);
                if (length > list.length) {
                    list = Arrays.copyOf(list, list.length * 2);
                    lists.put(word, list);
                }
                list[length - 1] = i;
            }
        }
        lists.replaceAll((word, list) -> Arrays.copyOf(list, lengths.get(word)));
        return lists;
    }
}
