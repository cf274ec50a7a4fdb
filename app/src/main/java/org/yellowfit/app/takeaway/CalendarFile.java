package org.yellowfit.app.takeaway;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Categories;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import net.fortuna.ical4j.transform.recurrence.Frequency;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.CareCalendar;
import org.yellowfit.core.care.CareTask;
import org.yellowfit.core.care.TaskKind;
import org.yellowfit.core.measure.UnitSystem;

/**
 * A calendar of care as an iCalendar file (RFC 5545): every task an event of whole days, watering an event of each week. An
 * event is known by its kind and which of its kind it is, so that a calendar brought in anew after the day of planting has
 * moved moves its events too.
 */
public final class CalendarFile {

    public static final String MEDIA_TYPE = "text/calendar;charset=UTF-8";

    private CalendarFile() {}

    /** @param place whose calendar it is; empty for none */
    public static byte[] write(CareCalendar care, String place, UnitSystem units) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Yellow Fit//Care calendar//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        Map<TaskKind, Integer> seen = new EnumMap<>(TaskKind.class);
        for (CareTask task : care.tasks()) {
            int which = seen.merge(task.kind(), 1, Integer::sum);
            calendar.add(event(task, uid(place, task, which), place, units));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static VEvent event(CareTask task, String uid, String place, UnitSystem units) {
        boolean weekly = task.kind() == TaskKind.WATER;
        LocalDate end = weekly ? task.from() : task.to();
        String what = Sentences.label(task.kind());
        VEvent event = new VEvent(task.from(), place.isBlank() ? what : what + ", " + place);
        event.add(new DtEnd<>(end.plusDays(1)));
        event.add(new Uid(uid));
        event.add(new Description(Sentences.say(task.text(), units)));
        event.add(new Categories(what));
        event.add(ImmutableTransp.TRANSPARENT);
        if (weekly && task.to().isAfter(task.from().plusDays(6))) {
            event.add(new RRule<>(new Recur.Builder<LocalDate>()
                    .frequency(Frequency.WEEKLY)
                    .until(task.to())
                    .build()));
        }
        return event;
    }

    private static String uid(String place, CareTask task, int which) {
        String known = String.join("|", List.of(place, task.kind().name(), String.valueOf(which)));
        return UUID.nameUUIDFromBytes(known.getBytes(StandardCharsets.UTF_8)) + "@yellow-fit";
    }
}
