package vastarc.web.store.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.record.assembly.SeamEvent;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.procedure.OpenRange;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.core.training.PracticalTest;
import vastarc.core.training.PracticalTest.BeadLevel;
import vastarc.core.training.PracticalTest.BeadMeasure;
import vastarc.core.training.Topic;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.assembly.SeamEventRow.SeamEntry;
import vastarc.web.store.diagnosis.BeadObservations;
import vastarc.web.store.diagnosis.DiagnosisStore;
import vastarc.web.store.diagnosis.DiagnosisStore.TrialCounts;
import vastarc.web.store.diagnosis.DiagnosisStore.TrialResult;
import vastarc.web.store.drill.DrillStore;
import vastarc.web.store.drill.PracticalStore;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.BatchReader;
import vastarc.web.store.register.CertificateFile;
import vastarc.web.store.register.InstrumentReader;
import vastarc.web.store.register.PaperUses;
import vastarc.web.store.register.PaperUses.ChosenPaper;
import vastarc.web.store.register.ProcedureReader;
import vastarc.web.store.register.Register;
import vastarc.web.store.register.RegisterFiles;
import vastarc.web.store.register.WelderReader;
import vastarc.web.store.run.TraceColumns;

/** What a shop has learned goes out with it and comes back: beads looked at, changes tried, answers of the drill, columns of meters. */
@SpringTest
class LearnedPartsTest {

    static final List<String> TABLES = List.of(
            "job_reading",
            "reading_outcome",
            "drill_result",
            "trace_columns",
            "register_entry",
            "assembly",
            "paper_use",
            "practical_result");
    private static final List<String> HEADING = List.of("t/s", "I/A");

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private DiagnosisStore readings;

    @Autowired
    private DrillStore results;

    @Autowired
    private TraceColumns columns;

    @Autowired
    private Register<WeldProcedure> procedures;

    @Autowired
    private Register<WelderQualification> welders;

    @Autowired
    private Register<MaterialBatch> batches;

    @Autowired
    private PaperUses uses;

    @Autowired
    private Register<MeasuringInstrument> instruments;

    @Autowired
    private RegisterFiles files;

    @Autowired
    private PracticalStore practical;

    @Autowired
    private AssemblyStore assemblies;

    private JdbcClient database;

    /** Past the stores and their transactions, as nothing of the program does. */
    @Autowired
    void openDatabase(DataSource source) {
        database = JdbcClient.create(source);
    }

    private Job job;

    @BeforeEach
    void aShopThatHasLearned() throws Exception {
        job = jobs.create("=Looked at", "", Jobs.lapUnderTheTrigger());
        Random random = new Random(8);
        readings.change(job.id(), marks -> marks.marked("porosity", true).marked("crack", false));
        for (int i = 0; i < 30; i++) {
            BeadObservations seen = readings.of(job.id());
            TrialResult result = TrialResult.values()[random.nextInt(TrialResult.values().length)];
            readings.recordTrial(job.id(), "cause-" + random.nextInt(4), result, seen);
            results.answered(
                    "Pupil " + random.nextInt(3),
                    Topic.values()[random.nextInt(Topic.values().length)],
                    random.nextBoolean());
        }
        columns.remember(HEADING, List.of("TIME", "CURRENT"));
        procedures.put(procedure("{\"number\":\"P-12\",\"currentA\":[null,140],\"purged\":false}"), kept -> true);
        procedures.put(
                procedure("{\"number\":\"P-13\",\"fillers\":[\"ER308L\"],\"until\":\"2028-05-04\"}"), kept -> true);
        papersOfTheJob();
        practical.keep(
                "Pupil 1",
                "=Looked at",
                new PracticalTest(List.of(new BeadLevel(
                        BeadMeasure.PORES,
                        new OpenRange(OptionalDouble.empty(), OptionalDouble.of(2)),
                        OptionalDouble.of(1)))));
        aFrameWithOneSeamRepaired();
    }

    private void papersOfTheJob() {
        welders.put(
                WelderReader.read(JsonMapper.shared()
                                .readTree("{\"number\":\"W-1\",\"welder\":\"Ansa\",\"positions\":[\"PA\"]}"))
                        .value()
                        .orElseThrow(),
                kept -> true);
        batches.put(
                BatchReader.read(JsonMapper.shared().readTree("{\"number\":\"H-1\",\"kind\":\"GAS\"}"))
                        .value()
                        .orElseThrow(),
                kept -> true);
        instruments.put(
                InstrumentReader.read(JsonMapper.shared()
                                .readTree("{\"number\":\"OX-1\",\"measures\":[\"OXYGEN\"],\"until\":\"2027-03-01\"}"))
                        .value()
                        .orElseThrow(),
                kept -> true);
        uses.choose(
                job.id(),
                List.of(
                        new ChosenPaper("batches", "H-1", "Gas"),
                        new ChosenPaper("instruments", "OX-1", "oxygen, valid until 2027-03-01")));
        files.put(
                BatchReader.KIND,
                "H-1",
                CertificateFile.of("H-1.pdf", "%PDF-1.7 as handed in".getBytes(StandardCharsets.UTF_8))
                        .value()
                        .orElseThrow());
    }

    private void aFrameWithOneSeamRepaired() throws Exception {
        UUID frame = assemblies.create("Looked at frame").orElseThrow().id();
        assemblies.add(
                frame,
                List.of(
                        new SeamText("S1", "foot", Optional.of(job.id()), "P-12", "fit-up looked at"),
                        SeamText.of("S2", "=cap")));
        UUID seam = assemblies.seam(frame, "S1").orElseThrow().id();
        for (SeamEventKind kind : SeamEventKind.values()) {
            assemblies.enter(
                    seam, SeamEntry.of(new SeamEvent(kind, "2026-11-30", "Ansa", Examination.VISUAL, false, "a pore")));
        }
        assemblies.mark(seam, 0.25, 0.5);
        ByteArrayOutputStream drawing = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", drawing);
        assemblies.draw(frame, drawing.toByteArray());
    }

    private static WeldProcedure procedure(String json) {
        return ProcedureReader.read(JsonMapper.shared().readTree(json)).value().orElseThrow();
    }

    @AfterEach
    void forgotten() {
        empty();
        jobs.delete(job.id());
    }

    private void empty() {
        TABLES.forEach(table -> database.sql("delete from " + table).update());
    }

    private byte[] export() throws Exception {
        return Archives.export(http);
    }

    private MockHttpServletResponse restore(byte[] archive, boolean take) throws Exception {
        return Archives.restore(http, archive, take);
    }

    @Test
    void allOfItComesBackByteForByte() throws Exception {
        byte[] before = export();
        BeadObservations marks = readings.of(job.id());
        List<TrialCounts> learned = readings.learned();
        assertThat(restore(before, true).getContentAsString()).contains("\"changes\":[]");

        empty();
        assertThat(restore(before, false).getContentAsString())
                .contains(
                        "what was seen of a bead comes in",
                        "a change that was tried comes in",
                        "answers of Pupil 1 in the drill come in",
                        "the columns of a meter’s table come in",
                        "procedure “P-12” comes in",
                        "a practical test of Pupil 1 comes in",
                        "welder “W-1” comes in",
                        "batch “H-1” comes in",
                        "use of “H-1” of the batches comes in",
                        "use of “OX-1” of the instruments comes in",
                        "instrument “OX-1” comes in",
                        "the file of batch “H-1” comes in",
                        "assembly “Looked at frame” comes in");
        assertThat(readings.learned()).isEmpty();
        restore(before, true);

        assertThat(export()).isEqualTo(before);
        assertThat(readings.of(job.id())).isEqualTo(marks);
        assertThat(readings.learned()).isEqualTo(learned);
        assertThat(results.learners()).contains("Pupil 0", "Pupil 1", "Pupil 2");
        assertThat(files.find(BatchReader.KIND, "H-1"))
                .map(CertificateFile::name)
                .contains("H-1.pdf");
        assertThat(columns.chosen(HEADING)).contains(List.of("TIME", "CURRENT"));
        assertThat(procedures.find("P-12").orElseThrow().content().value())
                .contains(procedure("{\"number\":\"P-12\",\"currentA\":[null,140],\"purged\":false}"));
    }

    @Test
    void anArchiveOfVersionElevenKnewBatchesAlone() throws Exception {
        uses.choose(job.id(), List.of(new ChosenPaper("batches", "H-1", "Gas")));
        byte[] before = export();
        byte[] eleven = Archives.with(
                Archives.with(before, "batch-uses.json", text -> text.replaceAll("\"register\":\"\\w+\",", "")),
                "manifest.json",
                text -> text.replaceAll("\"version\":\\d+", "\"version\":11"));
        uses.choose(job.id(), List.of());

        assertThat(restore(eleven, true).getContentAsString()).contains("use of “H-1” of the batches comes in");

        assertThat(uses.ofJob(job.id(), BatchReader.KIND)).containsExactly("H-1");
    }

    @Test
    void whatWasSeenSinceIsReplacedAndWhatWasAnsweredSinceStays() throws Exception {
        byte[] before = export();
        readings.change(job.id(), marks -> marks.marked("undercut", true));
        results.answered("Newcomer", Topic.WORDS, true);
        procedures.put(procedure("{\"number\":\"P-12\",\"currentA\":[null,90]}"), kept -> true);

        assertThat(restore(before, true).getContentAsString())
                .contains("what was seen of a bead is replaced", "procedure “P-12” is replaced");
        assertThat(procedures
                        .find("P-12")
                        .orElseThrow()
                        .content()
                        .orThrow()
                        .currentA()
                        .high())
                .hasValue(140);
        assertThat(readings.of(job.id()).seen()).containsExactly("porosity");
        assertThat(results.of("Newcomer")).hasSize(1);
    }

    @Test
    void anArchiveOfTheVersionBeforeKnowsNothingOfItAndTakesNothingAway() throws Exception {
        byte[] seven =
                Archives.with(export(), "manifest.json", text -> text.replaceAll("\"version\":\\d+", "\"version\":7"));
        empty();
        assertThat(restore(seven, true).getContentAsString()).contains("\"changes\":[]");
        assertThat(results.learners()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "drill.json|\"right\":true|\"right\":1",
                "drill.json|\"at\":\"2026|\"at\":\"20x6",
                "tried.json|\"result\":\"[A-Z]+\"|\"result\":\"WONDERFUL\"",
                "bead-marks.json|\"job\":\"[0-9a-f]{8}|\"job\":\"00000000",
                "trace-columns.json|\"chosen\":\"TIME|\"chosen\":7,\"x\":\"",
            })
    void whatDoesNotFitIsRefusedWhole(String file, String found, String instead) throws Exception {
        byte[] before = export();
        MockHttpServletResponse refused =
                restore(Archives.with(before, file, text -> text.replaceFirst(found, instead)), true);
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).contains("/" + file + "/", "Nothing was changed");
        assertThat(export()).isEqualTo(before);
    }

    @Test
    void ofManyLearnersThoseStayWhoAnsweredLast() {
        results.answered("First of all", Topic.WORDS, true);
        for (int i = 0; i < 200; i++) {
            results.answered("Class " + i, Topic.WORDS, true);
        }
        assertThat(results.learners())
                .hasSize(200)
                .contains("Class 0", "Class 199")
                .doesNotContain("First of all");
    }
}
