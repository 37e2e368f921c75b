package vastarc.web.store.run;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.SheetDocuments;

/** What belongs to a run and grows with it: events, readings, its sheet and record; for transactions of the store's. */
@Component
class WeldRunData {

    /** A reading takes a time in milliseconds and a value. */
    private static final int BYTES = 8;

    private static final int MOST_IN_A_ROW = 100_000;

    private final JdbcClient database;

    WeldRunData(JdbcClient database) {
        this.database = database;
    }

    List<RunEvent> events(UUID run) {
        return database.sql("select at_s, kind from run_event where run_id = ? order by seq")
                .param(run)
                .query((row, number) -> new RunEvent(row.getDouble(1), EventKind.valueOf(row.getString(2))))
                .list();
    }

    void add(UUID run, RunEvent event) {
        database.sql("insert into run_event (run_id, seq, at_s, kind) values (?, "
                        + "(select coalesce(max(seq), 0) + 1 from run_event where run_id = ?), ?, ?)")
                .params(run, run, event.atS(), event.kind().name())
                .update();
    }

    /** Many readings come in several rows. */
    void add(UUID run, MeasuredQuantity kind, Channel readings) {
        for (int from = 0; from < readings.size(); from += MOST_IN_A_ROW) {
            addRow(run, kind, readings.part(from, Math.min(readings.size(), from + MOST_IN_A_ROW) - 1));
        }
    }

    private void addRow(UUID run, MeasuredQuantity kind, Channel readings) {
        database.sql("insert into run_readings (run_id, seq, kind, packed) values (?, "
                        + "(select coalesce(max(seq), 0) + 1 from run_readings where run_id = ? and kind = ?), ?, ?)")
                .params(run, run, kind.name(), kind.name(), packed(readings))
                .update();
    }

    /** How many readings are stored of a quantity. */
    long count(UUID run, MeasuredQuantity kind) {
        return database.sql(
                                "select coalesce(sum(octet_length(packed)), 0) from run_readings where run_id = ? and kind = ?")
                        .params(run, kind.name())
                        .query(Long.class)
                        .single()
                / BYTES;
    }

    static byte[] packed(Channel readings) {
        ByteBuffer bytes = ByteBuffer.allocate(BYTES * readings.size());
        for (int i = 0; i < readings.size(); i++) {
            bytes.putInt((int) Math.round(1000 * readings.s(i))).putFloat((float) readings.value(i));
        }
        return bytes.array();
    }

    Recording trace(UUID run) {
        Map<MeasuredQuantity, List<byte[]>> parts = new EnumMap<>(MeasuredQuantity.class);
        database.sql("select kind, packed from run_readings where run_id = ? order by kind, seq")
                .param(run)
                .query((row, number) -> parts.computeIfAbsent(
                                MeasuredQuantity.valueOf(row.getString(1)), kind -> new ArrayList<>())
                        .add(row.getBytes(2)))
                .list();
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        parts.forEach((kind, packed) -> channels.put(kind, unpacked(packed)));
        return new Recording(channels);
    }

    /** A reading that came late is taken at the time of the one before it. */
    static Channel unpacked(List<byte[]> packed) {
        int size = packed.stream().mapToInt(part -> part.length / BYTES).sum();
        double[] s = new double[size];
        double[] value = new double[size];
        int at = 0;
        for (byte[] part : packed) {
            ByteBuffer bytes = ByteBuffer.wrap(part);
            while (bytes.remaining() >= BYTES) {
                double time = bytes.getInt() / 1000.0;
                s[at] = at > 0 ? Math.max(s[at - 1], time) : time;
                float read = bytes.getFloat();
                value[at++] = Float.isFinite(read) ? read : 0;
            }
        }
        return Channel.of(s, value);
    }

    Optional<Document<RunRecord>> record(UUID run) {
        return database.sql("select record from run_record where run_id = ?")
                .param(run)
                .query(String.class)
                .optional()
                .map(RunRecord.FORMAT::read);
    }

    /** What some runs were welded with and how it went, as stored, by run. */
    Map<UUID, String> recordTexts(Collection<UUID> runs) {
        Map<UUID, String> records = new HashMap<>();
        database.sql("select run_id, record from run_record where run_id in (:runs)")
                .param("runs", runs)
                .query(row -> {
                    records.put(row.getObject(1, UUID.class), row.getString(2));
                });
        return records;
    }

    /** What happened in some runs, in order, by run. */
    Map<UUID, List<RunEvent>> events(Collection<UUID> runs) {
        Map<UUID, List<RunEvent>> events = new HashMap<>();
        database.sql("select run_id, at_s, kind from run_event where run_id in (:runs) order by run_id, seq")
                .param("runs", runs)
                .query(row -> {
                    events.computeIfAbsent(row.getObject(1, UUID.class), run -> new ArrayList<>())
                            .add(new RunEvent(row.getDouble(2), EventKind.valueOf(row.getString(3))));
                });
        return events;
    }

    /** Which of some runs have readings. */
    Set<UUID> withReadings(Collection<UUID> runs) {
        return new HashSet<>(database.sql("select distinct run_id from run_readings where run_id in (:runs)")
                .param("runs", runs)
                .query(UUID.class)
                .list());
    }

    void put(UUID run, Document<RunRecord> record) {
        database.sql("merge into run_record (run_id, record, sheet_id) key (run_id) values (?, ?, ?)")
                .param(run)
                .param(record.text())
                .param(record.value().map(RunRecord::sheet).orElse(null))
                .update();
    }

    /** Stores a sheet, once for all runs that were welded by the same. */
    UUID put(SheetDocument sheet) {
        String text = SheetDocuments.FORMAT.write(sheet);
        UUID id = idOf(text);
        put(id, text);
        return id;
    }

    /** The same sheet has the same id. */
    static UUID idOf(String sheet) {
        return UUID.nameUUIDFromBytes(sheet.getBytes(StandardCharsets.UTF_8));
    }

    void put(UUID id, String sheet) {
        database.sql("merge into run_sheet (id, sheet) key (id) values (?, ?)")
                .params(id, sheet)
                .update();
    }

    Optional<Document<SheetDocument>> sheet(UUID id) {
        return database.sql("select sheet from run_sheet where id = ?")
                .param(id)
                .query(String.class)
                .optional()
                .map(SheetDocuments.FORMAT::read);
    }

    /** Every sheet that runs were welded by. */
    void sheets(BiConsumer<UUID, String> taker) {
        database
                .sql("select id, sheet from run_sheet order by id")
                .query((row, number) -> Map.entry(row.getObject(1, UUID.class), row.getString(2)))
                .stream()
                .forEach(sheet -> taker.accept(sheet.getKey(), sheet.getValue()));
    }

    void forgetReadings(UUID run) {
        database.sql("delete from run_readings where run_id = ?").param(run).update();
    }

    void forget(UUID run) {
        Optional<UUID> sheet = database.sql("select sheet_id from run_record where run_id = ? and sheet_id is not null")
                .param(run)
                .query(UUID.class)
                .optional();
        for (String table : List.of("run_event", "run_readings", "run_photo", "run_record")) {
            database.sql("delete from " + table + " where run_id = ?")
                    .param(run)
                    .update();
        }
        sheet.ifPresent(this::forgetUnused);
    }

    /** A sheet goes with the last run welded by it. It is held first: a run that is being kept at this moment is waited for, and then counts. */
    private void forgetUnused(UUID sheet) {
        database.sql("select id from run_sheet where id = ? for update")
                .param(sheet)
                .query(UUID.class)
                .optional();
        database.sql("delete from run_sheet where id = ? and not exists (select 1 from run_record where sheet_id = ?)")
                .params(sheet, sheet)
                .update();
    }
}
