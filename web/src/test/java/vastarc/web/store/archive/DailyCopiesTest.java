package vastarc.web.store.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.web.SpringTest;
import vastarc.web.store.disk.Disk;
import vastarc.web.store.run.RunFigures;

/** Copies of the shop, a day each: whole, fourteen of them, and good enough to restore from. */
@SpringTest
class DailyCopiesTest {

    private static final Instant MORNING = Instant.parse("2026-03-01T08:00:00Z");

    @Autowired
    private Backup backup;

    @TempDir
    private Path data;

    private void copy(Instant at, long freeMb) throws Exception {
        new DailyCopies(
                        backup,
                        new Disk(() -> freeMb * 1024 * 1024),
                        Clock.fixed(at, ZoneOffset.UTC),
                        data,
                        "jdbc:h2:file:x")
                .copy(data);
        for (Path file : DailyCopies.of(data)) {
            Files.setLastModifiedTime(file, FileTime.from(at));
        }
    }

    @Test
    void aCopyADayIsMadeFourteenAreKeptAndNothingHalfIsLeft() throws Exception {
        for (int day = 0; day < 20; day++) {
            copy(MORNING.plusSeconds(86_400L * day), 1000);
        }
        assertThat(DailyCopies.of(data)).hasSize(DailyCopies.MAX_COPIES);
        assertThat(DailyCopies.of(data).get(0).getFileName().toString()).startsWith("shop-2026-03-20");
        try (var files = Files.list(DailyCopies.folder(data))) {
            assertThat(files.map(file -> file.getFileName().toString())).allMatch(name -> name.endsWith(".zip"));
        }
        assertThat(backup.changes(DailyCopies.of(data).get(0))).isEmpty();
    }

    @Test
    void aFreshCopyStandsAnOldOneIsMadeAnewAndAFullDiskIsLeftAlone() throws Exception {
        copy(MORNING, 1);
        assertThat(DailyCopies.of(data)).isEmpty();
        copy(MORNING, 1000);
        Path today = DailyCopies.of(data).get(0);
        Files.writeString(today, "kept");
        Files.setLastModifiedTime(today, FileTime.from(MORNING));
        copy(MORNING.plusSeconds(3600), 1000);
        assertThat(Files.readString(today)).isEqualTo("kept");
        Files.setLastModifiedTime(today, FileTime.from(MORNING));
        copy(MORNING.plusSeconds(4 * 3600), 1000);
        assertThat(Files.size(today)).isGreaterThan(1000);
    }

    /** A metre welded in a spark has a travel that no format takes: the run is stored without it, and the copy can be restored. */
    @Test
    void aRunWithFiguresNobodyCanHaveMeasuredDoesNotSpoilTheCopy() throws Exception {
        RunFigures figures = new RunFigures(
                OptionalDouble.of(60),
                OptionalDouble.of(6_000_000),
                OptionalDouble.of(1e9),
                OptionalDouble.of(-1),
                Double.MAX_VALUE,
                OptionalDouble.of(1000),
                0);
        assertThat(figures.travel()).isEmpty();
        assertThat(figures.heat()).isEmpty();
        assertThat(figures.gasL()).isEmpty();
        assertThat(figures.currentA()).hasValue(60);
        assertThat(figures.arcS()).isLessThanOrEqualTo(1_000_000);
    }
}
