package org.yellowfit.app.drawing;

import java.util.Map;
import org.yellowfit.app.words.Sentences;

/** Small drawings of where a cut is made, by the way of cutting: stems in ink, what is cut off dashed, the cut a short bar. */
public final class CutPicture {

    private static final String STEM = "<path class=\"stem\" d=\"%s\"/>";
    private static final String OFF = "<path class=\"off\" d=\"%s\"/>";
    private static final String CUT = "<path class=\"cut\" d=\"%s\"/>";
    private static final String BUD = "<circle class=\"bud\" cx=\"%s\" cy=\"%s\" r=\"2.6\"/>";
    private static final String GROUND = "<path class=\"ground\" d=\"M4 68H76\"/>";

    private static final Map<String, String> WAYS = Map.ofEntries(
            Map.entry(
                    "new-wood",
                    stem("M40 68V44 M40 60C34 54 28 52 24 44 M40 60C46 54 52 52 56 44")
                            + off("M40 44V10 M24 44C20 34 18 26 18 14 M56 44C60 34 62 26 62 14")
                            + cut("M35 46L46 40 M19 46L30 40 M51 46L62 40")
                            + bud(42, 48)
                            + bud(22, 48)
                            + bud(58, 48)),
            Map.entry(
                    "after-flower",
                    stem("M40 68V36 M40 52C48 46 54 40 56 26 M40 60C32 54 26 48 24 38")
                            + off("M40 36C40 28 38 22 36 12 M32 12a4 4 0 1 0 8 0a4 4 0 1 0-8 0 M40 28a4 4 0 1 0 8 0")
                            + cut("M34 39L46 33")
                            + bud(56, 25)),
            Map.entry(
                    "fruiting",
                    stem("M36 68C34 50 28 34 26 14 M44 68C46 50 52 34 54 14 M40 68V16")
                            + off("M50 68C58 54 64 40 70 24")
                            + cut("M46 64L56 60")
                            + "<circle class=\"bud\" cx=\"26\" cy=\"14\" r=\"3\"/><circle class=\"bud\" cx=\"54\" cy=\"14\" r=\"3\"/>"),
            Map.entry(
                    "trim",
                    stem(
                                    "M18 68C14 48 22 28 40 26C58 28 66 48 62 68 M40 68V40 M40 56C34 50 30 46 28 40 M40 56C46 50 50 46 52 40")
                            + off("M12 66C8 42 18 18 40 16C62 18 72 42 68 66")
                            + cut("M14 40L24 44 M66 40L56 44 M40 18V28")),
            Map.entry(
                    "candles",
                    stem("M40 68V40 M40 58L26 50 M40 58L54 50 M30 44L40 40L50 44 M28 52L22 46 M52 52L58 46")
                            + stem("M40 40V28")
                            + off("M40 28V12")
                            + cut("M34 28H46")),
            Map.entry(
                    "clip",
                    stem("M22 68L26 30H54L58 68Z M30 68V40 M40 68V36 M50 68V40")
                            + off("M18 62L23 22C30 18 50 18 57 22L62 62")
                            + cut("M24 27H56 M20 50L26 51 M60 50L54 51")),
            Map.entry(
                    "stems",
                    stem("M26 68V54 M34 68V52 M42 68V54 M50 68V52 M58 68V55")
                            + off(
                                    "M26 54C24 38 20 26 16 14 M34 52C34 36 32 22 30 10 M42 54V10 M50 52C50 36 52 24 54 12 M58 55C60 40 64 28 68 18")
                            + cut("M20 55H64")),
            Map.entry(
                    "comb",
                    stem(
                                    "M40 68C36 48 26 34 16 28 M40 68C40 44 36 26 32 16 M40 68C42 44 46 28 50 16 M40 68C46 50 56 38 66 30")
                            + off("M40 68C30 54 20 50 10 50 M40 68C50 54 60 50 70 52")
                            + cut("M12 56L18 44 M64 46L70 58")),
            Map.entry(
                    "deadhead",
                    stem("M40 68V38 M40 50C46 46 52 44 56 44 M40 58C34 54 28 54 24 54")
                            + off("M40 38V22 M33 18a7 6 0 1 0 14 0a7 6 0 1 0-14 0")
                            + cut("M34 41L46 35")
                            + bud(56, 44)),
            Map.entry(
                    "shear",
                    stem(
                                    "M18 68C18 54 26 46 40 46C54 46 62 54 62 68 M40 68V52 M30 68C30 60 28 56 26 54 M50 68C50 60 52 56 54 54")
                            + off("M14 60C14 38 24 24 40 24C56 24 66 38 66 60 M30 20v-6 M40 18v-7 M50 20v-6")
                            + cut("M18 46H62")),
            Map.entry(
                    "divide",
                    stem(
                                    "M18 60C16 46 20 36 24 26 M26 60V26 M34 60C36 46 34 36 32 28 M50 60C48 46 50 36 52 28 M58 60V26 M66 60C68 46 64 36 60 28")
                            + cut("M42 16V72")));

    private static final Map<String, String> BY_SENTENCE = Map.ofEntries(
            Map.entry("task.prune.new-wood", "new-wood"),
            Map.entry("task.cut-back.woody", "new-wood"),
            Map.entry("task.prune.after-flower", "after-flower"),
            Map.entry("task.prune.fruiting", "fruiting"),
            Map.entry("task.prune.late-flowering", "fruiting"),
            Map.entry("task.prune.evergreen", "trim"),
            Map.entry("task.prune.evergreen-soft", "trim"),
            Map.entry("task.prune.candles", "candles"),
            Map.entry("task.clip.hard", "clip"),
            Map.entry("task.clip.soft", "clip"),
            Map.entry("task.clip.after-flower", "clip"),
            Map.entry("task.cut-back.spring", "stems"),
            Map.entry("task.cut-back.stubs", "stems"),
            Map.entry("task.cut-back.grass", "stems"),
            Map.entry("task.cut-back.browned", "stems"),
            Map.entry("task.cut-back.comb", "comb"),
            Map.entry("task.deadhead.faded", "deadhead"),
            Map.entry("task.deadhead.flush", "shear"),
            Map.entry("task.divide.clumps", "divide"));

    private CutPicture() {}

    /** @param sentence what is said of the cut, by its key; empty for what is not drawn */
    public static String svg(String sentence) {
        String way = BY_SENTENCE.get(sentence);
        return way == null
                ? ""
                : "<svg class=\"cut-picture\" viewBox=\"0 0 80 76\" role=\"img\" aria-label=\""
                        + Sentences.say("picture.cut")
                        + "\">"
                        + GROUND
                        + WAYS.get(way)
                        + "</svg>";
    }

    private static String stem(String path) {
        return STEM.formatted(path);
    }

    private static String off(String path) {
        return OFF.formatted(path);
    }

    private static String cut(String path) {
        return CUT.formatted(path);
    }

    private static String bud(int x, int y) {
        return BUD.formatted(x, y);
    }
}
