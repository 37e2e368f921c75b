package vastarc.web.store.run;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.Formula;
import org.hibernate.annotations.Immutable;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.run.RunReadings.ReadingsId;

/** Readings of one quantity in a run as they came together: of each the time in milliseconds and the value, packed. */
@Entity
@Immutable
@Table(name = "run_readings")
class RunReadings extends AssignedIdEntity<ReadingsId> {

    /** An integer and a single-precision number. */
    static final int BYTES = 8;

    @EmbeddedId
    private ReadingsId id;

    private byte[] packed;

    @Formula("octet_length(packed)")
    private long size;

    @Embeddable
    record ReadingsId(
            UUID runId,
            int seq,
            @Enumerated(EnumType.STRING) MeasuredQuantity kind) {}

    protected RunReadings() {}

    RunReadings(UUID run, int seq, MeasuredQuantity kind, Channel readings) {
        this.id = new ReadingsId(run, seq, kind);
        this.packed = packed(readings);
    }

    @Override
    public ReadingsId getId() {
        return id;
    }

    byte[] packed() {
        return packed;
    }

    static byte[] packed(Channel readings) {
        ByteBuffer bytes = ByteBuffer.allocate(BYTES * readings.size());
        for (int i = 0; i < readings.size(); i++) {
            bytes.putInt((int) Math.round(1000 * readings.s(i))).putFloat((float) readings.value(i));
        }
        return bytes.array();
    }

    /** A reading that came late is put in its place. */
    static Channel unpacked(List<byte[]> packed) {
        List<TimedValue> readings = new ArrayList<>();
        for (byte[] part : packed) {
            ByteBuffer bytes = ByteBuffer.wrap(part);
            while (bytes.remaining() >= BYTES) {
                double time = bytes.getInt() / 1000.0;
                float read = bytes.getFloat();
                readings.add(new TimedValue(time, Float.isFinite(read) ? read : 0));
            }
        }
        readings.sort(Comparator.comparingDouble(TimedValue::s));
        return Channel.of(
                readings.stream().mapToDouble(TimedValue::s).toArray(),
                readings.stream().mapToDouble(TimedValue::value).toArray());
    }

    private record TimedValue(double s, double value) {}
}
