package ironpin.web.clock;

import ironpin.clock.Timetable;
import ironpin.clock.Work;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.web.page.Screen;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Categories;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A day as iCalendar (RFC 5545): an event for each task in world time, and an alarm for each that hands have to begin or end. */
final class DayCalendar {
    private DayCalendar() {}

    /** @param units that its amounts are said in @param now the moment it is written */
    static String of(Screen screen, UnitSystem units, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Ironpin//Day//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        for (Timetable.Slot slot : screen.run().forecast().table().slots()) {
            calendar.add(event(screen, slot, units, now));
        }
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static VEvent event(Screen screen, Timetable.Slot slot, UnitSystem units, Instant now) {
        String title = slot.task().name();
        VEvent event = new VEvent(slot.start().toInstant(), slot.end().toInstant(), title);
        event.replace(new DtStamp(now));
        event.add(new Uid("batch-" + screen.id() + "-" + slot.task().key() + "@ironpin"));
        String parts = slot.task().parts().stream()
                .map(part -> Sentence.of(part.amount(), " ", part.name()).render(units))
                .collect(Collectors.joining("\n"));
        String detail = (slot.task().detail().render(units) + "\n" + parts).strip();
        if (!detail.isEmpty()) {
            event.add(new Description(detail));
        }
        String who = String.join(", ", screen.plan().day().names(slot));
        if (!who.isEmpty()) {
            event.add(new Categories(who));
        }
        event.add(alarm(slot, title));
        return event;
    }

    /** What hands begin rings at its start; what gets on by itself rings when it is over. */
    private static VAlarm alarm(Timetable.Slot slot, String title) {
        boolean alone = slot.task().work() instanceof Work.Alone;
        VAlarm alarm = new VAlarm(alone ? Duration.between(slot.start(), slot.end()) : Duration.ZERO);
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(alone ? "Over: " + title : title));
        return alarm;
    }
}
