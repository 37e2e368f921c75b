package vastarc.web.format;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import vastarc.core.advice.sequence.DaySchedule.DaySpan;

/** A day as a calendar: an entry for each stretch at one job. */
public final class DayCalendar {

    /** Its media type. */
    public static final String TYPE = "text/calendar";

    private DayCalendar() {}

    /**
     * {@return the calendar}
     *
     * @param jobs names of the jobs
     * @param timeline the spans of the day
     * @param from when the day starts
     */
    public static String of(List<String> jobs, List<DaySpan> timeline, Instant from) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Vast Arc//day//EN");
        int first = 0;
        while (first < timeline.size()) {
            int after = first;
            while (after < timeline.size()
                    && timeline.get(after).job() == timeline.get(first).job()) {
                after++;
            }
            DaySpan daySpan = timeline.get(first);
            DaySpan last = timeline.get(after - 1);
            VEvent event = new VEvent();
            event.setSummary(jobs.get(daySpan.job()));
            event.setDescription("runs " + daySpan.run() + " to " + last.run());
            event.setDateStart(Date.from(from.plusMillis((long) (1000 * daySpan.startS()))));
            event.setDateEnd(Date.from(from.plusMillis((long) (1000 * last.endS()))));
            calendar.addEvent(event);
            first = after;
        }
        return Biweekly.write(calendar).go();
    }
}
