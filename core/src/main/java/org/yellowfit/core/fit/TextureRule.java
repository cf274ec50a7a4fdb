package org.yellowfit.core.fit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.soil.TextureClass;
import org.yellowfit.core.soil.TextureGroup;

/**
 * The soil's texture against the textures a plant grows in (rules C1 and C5). In a pot the mix is chosen, so it is not
 * asked.
 */
final class TextureRule implements Rule {

    /** Groups of each texture class as bits in the order sand, loam, clay. */
    private static final int[] GROUPS = groups();

    @Override
    public CriterionName name() {
        return CriterionName.TEXTURE;
    }

    @Override
    public boolean isAsked(Question q) {
        return !q.inPot();
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return Optional.ofNullable(q.site().soil().texture()).map(texture -> new TextureJudge(plants, texture));
    }

    private static int[] groups() {
        return Arrays.stream(TextureClass.values())
                .mapToInt(
                        soil -> soil.groups().stream().mapToInt(Catalogue::bit).reduce(0, (one, other) -> one | other))
                .toArray();
    }

    private static final class TextureJudge implements Judge {

        private final Catalogue plants;
        private final TextureClass texture;
        private final int here;
        private final int beside;

        TextureJudge(Catalogue plants, TextureClass texture) {
            this.plants = plants;
            this.texture = texture;
            here = GROUPS[texture.ordinal()];
            beside = here << 1 | here >> 1;
        }

        @Override
        public void judge(int i, Ruling into) {
            int textures = plants.texture[i];
            if (textures == 0) {
                into.set(Outcome.UNKNOWN);
            } else if ((textures & here) != 0) {
                into.set(Outcome.TEXTURE_SUITS);
            } else {
                into.set((textures & beside) != 0 ? Outcome.TEXTURE_BESIDE : Outcome.TEXTURE_FAR);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("value", texture);
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            List<TextureGroup> takes = plants.plants[i].get(Traits.TEXTURE).orElseThrow().stream()
                    .sorted()
                    .toList();
            boolean suits = ruling.is(Outcome.TEXTURE_SUITS);
            Fact why = Fact.of(suits ? "texture.fits" : "texture.short", texture, takes);
            Finding said = Finding.of(ruling, Fact.of("value", takes), why, strip(ruling));
            return switch (ruling.outcome()) {
                case TEXTURE_BESIDE -> said.with(amended(plants.texture[i]));
                case TEXTURE_FAR ->
                    plants.noPot[i]
                            ? said
                            : said.with(Remedy.inPot("pot.mix", site -> site.withSoil(SoilConditions::inContainer)));
                default -> said;
            };
        }

        private static Strip strip(Ruling ruling) {
            return Strip.reaching(
                    switch (ruling.outcome()) {
                        case TEXTURE_SUITS -> Strip.Reach.OVER;
                        case TEXTURE_BESIDE -> Strip.Reach.SHORT;
                        default -> Strip.Reach.FAR_SHORT;
                    });
        }

        private Remedy amended(int textures) {
            boolean heavy = texture.groups().contains(TextureGroup.CLAY);
            boolean wantsSand = (textures & Catalogue.bit(TextureGroup.SAND)) != 0;
            return Remedy.of(
                    Remedy.Action.AMEND,
                    site -> site.withSoil(soil -> soil.withTexture(nearest(textures, heavy))),
                    amending(wantsSand));
        }

        /** Grit where water stands, organic matter where it runs through. */
        private String amending(boolean wantsSand) {
            return switch (texture.workability()) {
                case SAND -> "amend.sand";
                case CLAY -> "amend.clay";
                case LIGHT_LOAM, LOAM, HEAVY_LOAM -> wantsSand ? "amend.grit" : "amend.hold";
            };
        }

        /** What the amended soil behaves like: the plant's texture that lies next to it. */
        private static TextureClass nearest(int textures, boolean fromClay) {
            List<TextureGroup> order = fromClay
                    ? List.of(TextureGroup.LOAM, TextureGroup.SAND, TextureGroup.CLAY)
                    : List.of(TextureGroup.LOAM, TextureGroup.CLAY, TextureGroup.SAND);
            TextureGroup group = order.stream()
                    .filter(each -> (textures & Catalogue.bit(each)) != 0)
                    .findFirst()
                    .orElse(TextureGroup.LOAM);
            return switch (group) {
                case SAND -> TextureClass.LOAMY_SAND;
                case LOAM -> TextureClass.LOAM_CLASS;
                case CLAY -> TextureClass.CLAY_CLASS;
            };
        }
    }
}
