package org.yellowfit.core.palette;

import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Fact;

/** What each plant of a planting is there for (rule G9). */
final class Reasons {

    private final Scoring scoring;
    private final List<Member> members;

    Reasons(Scoring scoring, List<Member> members) {
        this.scoring = scoring;
        this.members = members;
    }

    List<Fact> of(Member member) {
        List<Fact> why = new ArrayList<>();
        why.add(Fact.of(isAloneInLayer(member) ? "palette.alone-in-layer" : "palette.in-layer", member.layer()));
        int wanted = scoring.monthsWanted() == 0 ? 0xfff : scoring.monthsWanted();
        int alone = member.showing().months() & wanted & ~monthsOfOthers(member);
        if (alone != 0) {
            why.add(Fact.of("palette.alone-shows", months(alone)));
        } else if (member.showing().flowers() != 0) {
            why.add(Fact.of("palette.flowers", months(member.showing().flowers())));
        } else if ((member.showing().months() & wanted) != 0) {
            why.add(Fact.of("palette.shows", months(member.showing().months() & wanted)));
        }
        if (member.evergreen()) {
            why.add(Fact.of("palette.evergreen"));
        }
        return why;
    }

    private boolean isAloneInLayer(Member member) {
        return members.stream()
                .noneMatch(
                        each -> each != member && each.ground() == member.ground() && each.layer() == member.layer());
    }

    private int monthsOfOthers(Member member) {
        int months = 0;
        for (Member each : members) {
            months |= each == member ? 0 : each.showing().months();
        }
        return months;
    }

    /** @param mask bit 0 for January */
    static List<Month> months(int mask) {
        List<Month> months = new ArrayList<>();
        for (Month month : Month.values()) {
            if ((mask >> month.ordinal() & 1) == 1) {
                months.add(month);
            }
        }
        return months;
    }
}
