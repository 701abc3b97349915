package app.redlamp.media.calendar;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Session;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Status;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Date;
import java.util.stream.Collectors;

/**
 * A plan as iCalendar (RFC 5545): an event a session, in universal time, and a day for the deadline. Sessions keep their
 * identity from one export to the next, so that a calendar that reads them again moves them and does not double them.
 */
final class PlanCalendar {
    private static final String PRODUCT = "-//Red Lamp//Plan//EN";

    private PlanCalendar() {}

    static String of(ProductionPlan plan, Instant now) {
        Production production = plan.production();
        ICalendar calendar = new ICalendar();
        calendar.setProductId(PRODUCT);
        int number = 0;
        for (Session session : plan.schedule().sessions()) {
            VEvent event = event(production, "session-" + ++number, now);
            event.setSummary(production.brief().title() + ": "
                    + (session.forCorrections() ? "corrections" : titles(plan, session)));
            event.setDateStart(Date.from(session.begins().toInstant()), true);
            event.setDateEnd(Date.from(session.ends().toInstant()), true);
            event.setDescription(description(session));
            calendar.addEvent(event);
        }
        production.brief().deadline().ifPresent(day -> {
            VEvent event = event(production, "deadline", now);
            event.setSummary(production.brief().title() + ": due");
            event.setDateStart(date(day), false);
            event.setDateEnd(date(day.plusDays(1)), false);
            event.setTransparency(true);
            calendar.addEvent(event);
        });
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(Production production, String name, Instant now) {
        VEvent event = new VEvent();
        event.setUid(production.id() + "-" + name + "@redlamp.app");
        event.setDateTimeStamp(Date.from(now));
        event.setStatus(Status.confirmed());
        return event;
    }

    private static String titles(ProductionPlan plan, Session session) {
        return session.parts().stream()
                .map(p -> plan.production().pieces().get(p.piece()).title())
                .collect(Collectors.joining(", "));
    }

    private static String description(Session session) {
        long minutes = Math.round(session.boothMin());
        int breaks = session.breaks().size();
        return minutes + " min in the booth" + (breaks == 0 ? "" : ", breaks: " + breaks);
    }

    /** The library takes a day from the machine's own zone. */
    private static Date date(LocalDate day) {
        return Date.from(day.atStartOfDay(java.time.ZoneId.systemDefault()).toInstant());
    }
}
