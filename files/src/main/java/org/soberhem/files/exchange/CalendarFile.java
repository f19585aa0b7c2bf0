package org.soberhem.files.exchange;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.component.VTodo;
import biweekly.property.Status;
import biweekly.util.DateTimeComponents;
import biweekly.util.Duration;
import biweekly.util.ICalDate;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.core.plan.Task;

/** Writes the dates of costumes as iCalendar (RFC 5545). */
public final class CalendarFile {

    private static final String PRODUCT = "-//Sober Hem//EN";
    private static final String HOST = "@sober-hem";

    private CalendarFile() {}

    /**
     * One costume's dates.
     *
     * @param forecast when it will be done, if there are steps left
     */
    public record Dates(Costume costume, Optional<Forecast> forecast) {}

    /**
     * Returns the calendar: the day of each event, the day by which a costume will probably be done, the end of every
     * waiting that has begun, and what is still to do.
     *
     * @param stamp when it is written
     * @param zone of the maker's clock
     */
    public static String write(List<Dates> all, Instant stamp, ZoneId zone) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId(PRODUCT);
        Date written = Date.from(stamp);
        for (Dates dates : all) {
            Costume costume = dates.costume();
            costume.event()
                    .ifPresent(day -> calendar.addEvent(day(
                            costume.id() + "-event", costume.title() + " is worn", day, written, Status.confirmed())));
            dates.forecast().ifPresent(forecast -> {
                VEvent done = day(
                        costume.id() + "-done",
                        costume.title() + ": probably done",
                        forecast.middle(),
                        written,
                        Status.tentative());
                done.setDescription("In four of five cases between " + forecast.early() + " and " + forecast.late());
                calendar.addEvent(done);
            });
            Bench bench = costume.underway().bench();
            bench.tasks().forEach(task -> add(calendar, costume, task, written, zone));
        }
        return Biweekly.write(calendar).go();
    }

    private static void add(ICalendar calendar, Costume costume, Task task, Date written, ZoneId zone) {
        if (task.kind() == Task.Kind.WAIT && task.isDone()) {
            LocalDateTime over = task.done().orElseThrow().plusMinutes(task.minutes());
            VEvent end = new VEvent();
            end.setUid(costume.id() + "-" + task.id() + HOST);
            end.setDateTimeStamp(written);
            end.setSummary(costume.title() + ": " + task.title() + " is over");
            end.setDateStart(Date.from(over.atZone(zone).toInstant()), true);
            end.setDuration(Duration.builder().minutes(15).build());
            calendar.addEvent(end);
        } else if (!task.isDone() && task.kind() != Task.Kind.WAIT) {
            VTodo todo = new VTodo();
            todo.setUid(costume.id() + "-" + task.id() + HOST);
            todo.setDateTimeStamp(written);
            todo.setSummary(task.garment().isEmpty() ? task.title() : task.garment() + ": " + task.title());
            if (!task.look().isEmpty()) {
                todo.setDescription(task.look());
            }
            todo.addCategories(costume.title());
            calendar.addTodo(todo);
        }
    }

    private static VEvent day(String id, String words, LocalDate day, Date written, Status status) {
        VEvent event = new VEvent();
        event.setUid(id + HOST);
        event.setDateTimeStamp(written);
        event.setSummary(words);
        // A day has no zone: it is written as it reads.
        event.setDateStart(
                new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false));
        event.setStatus(status);
        return event;
    }
}
