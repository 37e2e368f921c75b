package vastarc.web.meter;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.meter.MeterTraffic.Way;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.store.run.WeldRun;
import vastarc.web.stream.RunFeed.RunMeasurement;

/** What has arrived from whom since the program started; of too many senders the one that has been silent longest is forgotten. */
@Component
public class ArrivalBoard {

    /** Every meter there may be, by either way, and as many that have no key. */
    static final int MOST = 3 * MeterKeys.MOST;

    private final Clock clock;
    /** In the order in which they were last heard of. */
    private final Map<Sender, MeterTraffic> senders = new LinkedHashMap<>();

    private long changes;

    ArrivalBoard(Clock clock) {
        this.clock = clock;
    }

    private record Sender(String meter, Way way) {}

    /** {@return what has arrived, by name of the meter} */
    public synchronized List<MeterTraffic> all() {
        List<MeterTraffic> all = new ArrayList<>(senders.values());
        all.sort(Comparator.comparing(MeterTraffic::meter).thenComparing(MeterTraffic::way));
        return all;
    }

    /** {@return counts what has arrived, so that a page is only written anew where something did} */
    public synchronized long changes() {
        return changes;
    }

    synchronized void taken(Way way, String meter, List<RunMeasurement> readings) {
        MeterTraffic before = forget(way, meter);
        Map<MeasuredQuantity, Double> last = new EnumMap<>(MeasuredQuantity.class);
        last.putAll(before.last());
        readings.forEach(reading -> last.put(reading.kind(), reading.value()));
        put(new MeterTraffic(
                before.meter(),
                way,
                clock.instant(),
                before.messages() + 1,
                before.readings() + readings.size(),
                last,
                Optional.empty()));
    }

    synchronized void refused(Way way, String meter, String trouble) {
        MeterTraffic before = forget(way, meter);
        put(new MeterTraffic(
                before.meter(),
                way,
                clock.instant(),
                before.messages(),
                before.readings(),
                before.last(),
                Optional.of(trouble)));
    }

    private MeterTraffic forget(Way way, String meter) {
        String name = meter.substring(0, Math.min(meter.length(), WeldRun.MAX_METER));
        return Optional.ofNullable(senders.remove(new Sender(name, way)))
                .orElseGet(() -> new MeterTraffic(name, way, clock.instant(), 0, 0, Map.of(), Optional.empty()));
    }

    private void put(MeterTraffic traffic) {
        changes++;
        senders.put(new Sender(traffic.meter(), traffic.way()), traffic);
        if (senders.size() > MOST) {
            senders.remove(senders.keySet().iterator().next());
        }
    }
}
