package org.yellowfit.core.fit;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.soil.TextureClass;
import org.yellowfit.core.soil.TextureGroup;

/** The soil's texture against the textures a plant grows in (rules C1 and C5). In a pot the mix is chosen, so it does not apply. */
final class TextureCriterion implements Criterion {

    /** Groups of each texture class as bits in the order sand, loam, clay. */
    private static final int[] GROUPS = groups();

    @Override
    public CriterionName name() {
        return CriterionName.TEXTURE;
    }

    @Override
    public String rule() {
        return "C1";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (SiteConditions.yes(q.site().container())) {
            return Scale.DOES_NOT_APPLY;
        }
        if (q.site().texture() == null) {
            return Scale.SITE_UNKNOWN;
        }
        if (plants.texture[i] == 0) {
            return Scale.UNKNOWN;
        }
        int steps = steps(plants, i, q);
        return steps == 0 ? Scale.fits(1) : steps == 1 ? Scale.fitsIf(0.5) : Scale.no(0.5);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        return q.site().texture() == null || SiteConditions.yes(q.site().container())
                ? null
                : Marker.byKey(plants.texture, 1 << TextureGroup.values().length, i -> mark(plants, i, q));
    }

    @Override
    public String site(Question q) {
        return q.site().texture().words();
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        int steps = steps(plants, i, q);
        String takes = plants.plants[i].get(Traits.TEXTURE).orElseThrow().stream()
                .map(Words::of)
                .collect(Collectors.joining(", "));
        Explained said = Explained.of(
                takes,
                steps == 0 ? "C1" : "C5",
                Phrases.say(steps == 0 ? "texture.fits" : "texture.short", site(q), takes),
                Strip.reaching(steps == 0 ? 1 : -steps));
        if (steps == 0) {
            return said;
        }
        boolean heavier = q.site().texture().groups().contains(TextureGroup.CLAY);
        return steps == 1
                ? said.with(Remedy.of(
                        Remedy.Action.AMEND,
                        site -> site.edit()
                                .texture(nearest(plants.texture[i], heavier))
                                .build(),
                        heavier ? "amend.clay" : "amend.sand"))
                : said.with(Remedy.of(
                                Remedy.Action.POT,
                                site -> site.edit().container().build(),
                                "pot.mix")
                        .butSee(CriterionName.HARDINESS, CriterionName.WANTS));
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

    /** Steps between the nearest of the plant's textures and the soil, along sand, loam, clay: 0 to 2. */
    private static int steps(Catalogue plants, int i, Question q) {
        int here = GROUPS[q.site().texture().ordinal()];
        if ((plants.texture[i] & here) != 0) {
            return 0;
        }
        return (plants.texture[i] & (here << 1 | here >> 1)) != 0 ? 1 : 2;
    }

    private static int[] groups() {
        return Arrays.stream(TextureClass.values())
                .mapToInt(
                        soil -> soil.groups().stream().mapToInt(Catalogue::bit).reduce(0, (one, other) -> one | other))
                .toArray();
    }
}
