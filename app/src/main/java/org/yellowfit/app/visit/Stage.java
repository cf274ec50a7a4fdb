package org.yellowfit.app.visit;

import java.util.List;

/**
 * The stages of a visit in the order of the conversation, each with its parts.
 */
enum Stage {
    PLACE(Part.ANSWERS, Part.DRAWING, Part.SUN, Part.SOIL, Part.CLIMATE, Part.CARD),
    PLANTS(Part.SHORTLIST, Part.SIDE_BY_SIDE),
    PLANTING(Part.TOGETHER, Part.BED),
    TAKE_AWAY(Part.LIST, Part.CALENDAR, Part.HANDOUT),
    AFTERWARDS(Part.AFTERWARDS);

    /** One screen of a stage: where it is, and the letter that opens it. */
    enum Part {
        ANSWERS("site", "1"),
        DRAWING("place", "d"),
        SUN("sun", ""),
        SOIL("soil", ""),
        CLIMATE("climate", ""),
        CARD("card", ""),
        SHORTLIST("shortlist", "2"),
        SIDE_BY_SIDE("side-by-side", "3"),
        TOGETHER("together", "6"),
        BED("bed", "7"),
        LIST("list", "4"),
        CALENDAR("calendar", "8"),
        HANDOUT("handout", "5"),
        AFTERWARDS("afterwards", "9");

        final String path;
        final String key;

        Part(String path, String key) {
            this.path = path;
            this.key = key;
        }
    }

    final List<Part> parts;

    Stage(Part... parts) {
        this.parts = List.of(parts);
    }
}
