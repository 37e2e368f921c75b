package vastarc.web.service;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.base.validation.Problem.ProblemKind;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.input.InputAliases;
import vastarc.core.input.InputField;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.JointPhrase;
import vastarc.core.input.JointReading;
import vastarc.core.input.WeldFields;
import vastarc.web.request.ApiNames;
import vastarc.web.request.PhraseJob;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobFile;
import vastarc.web.store.job.JobFile.ImportedJob;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.JobEdit;
import vastarc.web.store.job.JointText;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.shop.ShopStore;

/** A list of joints as a shop writes it, CSV or JSON, one joint a row: each becomes a job, or is given what is wrong with it. */
@Component
public class JointList {

    /** Rows of one list. */
    public static final int MOST = 200;

    /** Longest list, characters. */
    public static final int MOST_CHARACTERS = 400_000;

    private static final Set<String> NAMES = Set.of("name", "job", "mark", "part");
    /** A column with the whole joint in words; other columns win. */
    private static final Set<String> LINES = Set.of("text", "line", "joint in words");

    private static final Set<String> NOTES = Set.of("note", "notes", "remark", "remarks");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final JobStore jobs;
    private final ShopStore shop;
    private final JobPlanner planner;
    private final MachineStore machines;

    JointList(JobStore jobs, ShopStore shop, JobPlanner planner, MachineStore machines) {
        this.jobs = jobs;
        this.shop = shop;
        this.planner = planner;
        this.machines = machines;
    }

    /**
     * The result of a row.
     *
     * @param row  its number, as a spreadsheet counts
     * @param name of the joint
     * @param job  it has become; empty where it was refused
     * @param said its current, or why it was refused
     */
    public record ListLine(int row, String name, String job, String said) {

        /** {@return whether the row became a job} */
        public boolean isTaken() {
            return !job.isEmpty();
        }
    }

    /**
     * The result of a list.
     *
     * @param unknown columns that mean nothing here
     * @param wrong   why nothing at all was taken; empty where rows were looked at
     */
    public record ListReport(List<ListLine> lines, List<String> unknown, String wrong) {

        static ListReport wrong(String why) {
            return new ListReport(List.of(), List.of(), why);
        }

        /** {@return how many rows became jobs} */
        public long taken() {
            return lines.stream().filter(ListLine::isTaken).count();
        }
    }

    /** A job of a file comes onto the bench; a machine or torch this shop does not have is left out. */
    private ListReport takeJob(String text, UnitSystem units) {
        Outcome<ImportedJob> read = JobFile.read(text);
        if (read.value().isEmpty()) {
            Problem first = read.problems().get(0);
            return ListReport.wrong(
                    "This file says it is a job, but does not fit: " + first.field() + ": " + first.message(units));
        }
        ImportedJob brought = read.value().get();
        JobContent content = brought.content();
        Job job = jobs.create(
                brought.name(),
                brought.notes(),
                content.on(
                        content.machine().filter(id -> machines.machine(id).isPresent()),
                        content.torch().filter(id -> machines.torch(id).isPresent())));
        return new ListReport(
                List.of(new ListLine(1, job.name(), job.id().toString(), current(job, units))), List.of(), "");
    }

    private String current(Job job, UnitSystem units) {
        return planner.plan(job)
                .sheet()
                .value()
                .map(sheet -> sheet.setting(ParameterKey.WORKING_CURRENT).shown(units))
                .orElse("no sheet");
    }

    private record ListRow(int number, Map<String, String> cells) {}

    /**
     * {@return every row that can be read becomes a job; bare numbers are read in a reader's units}
     *
     * @param text the text
     * @param units the units
     */
    public ListReport take(String text, UnitSystem units) {
        String bare = text.startsWith("\uFEFF") ? text.substring(1) : text;
        if (bare.length() > MOST_CHARACTERS) {
            return ListReport.wrong("This list is too long. Give at most " + MOST + " rows at once.");
        }
        if (JobFile.isOne(bare)) {
            return takeJob(bare, units);
        }
        List<ListRow> rows;
        try {
            rows = bare.stripLeading().startsWith("[") ? json(bare) : csv(bare);
        } catch (JacksonException e) {
            return ListReport.wrong(
                    "This is no whole JSON list of joints: [{\"metal\":\"304L\",\"thickness\":\"1.5 mm\",\"form\":\"lap\"}].");
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            return ListReport.wrong(
                    "This is no table of joints: its first line names the columns, such as name, metal, thickness, form.");
        }
        if (rows.isEmpty() || rows.size() > MOST) {
            return ListReport.wrong("There are " + (rows.isEmpty() ? "no rows" : "more than " + MOST + " rows")
                    + " in this list. Give 1 to " + MOST + ", under a line that names the columns.");
        }
        return taken(rows, units);
    }

    private static List<ListRow> json(String text) {
        List<ListRow> rows = new ArrayList<>();
        for (JsonNode node : JSON.readTree(text)) {
            Map<String, String> cells = new LinkedHashMap<>();
            node.properties().forEach(cell -> put(cell.getKey(), cell.getValue(), cells));
            rows.add(new ListRow(rows.size() + 1, cells));
        }
        return rows;
    }

    /** A list is what the calls write the two thicknesses as: {@code "thicknessMm": [3, 2]}. */
    private static void put(String name, JsonNode value, Map<String, String> cells) {
        if (value.isArray()) {
            for (int i = 0; i < value.size(); i++) {
                put(name + "[" + i + "]", value.get(i), cells);
            }
        } else {
            cells.put(name, value.isNull() ? "" : value.asString(value.toString()));
        }
    }

    /** Separated by commas, semicolons or tabs: whichever the first line has most of. */
    private static List<ListRow> csv(String text) throws IOException {
        String first = text.lines().findFirst().orElse("");
        char separator = ',';
        for (char other : new char[] {';', '\t'}) {
            separator = count(first, other) > count(first, separator) ? other : separator;
        }
        List<ListRow> rows = new ArrayList<>();
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true)
                .get()
                .parse(new StringReader(text))) {
            for (CSVRecord line : csv) {
                rows.add(new ListRow((int) csv.getCurrentLineNumber(), line.toMap()));
                if (rows.size() > MOST) {
                    break;
                }
            }
        }
        return rows;
    }

    private static long count(String text, char wanted) {
        return text.chars().filter(c -> c == wanted).count();
    }

    private ListReport taken(List<ListRow> rows, UnitSystem units) {
        Set<String> unknown = new HashSet<>();
        List<JobEdit> sound = new ArrayList<>();
        List<ParsedList> became = new ArrayList<>();
        for (ListRow row : rows) {
            ParsedList read = read(row, units);
            unknown.addAll(read.unknown());
            if (read.wrong().isEmpty()) {
                sound.add(new JobEdit(read.name(), read.notes(), read.content()));
            }
            became.add(read);
        }
        List<Job> made = jobs.createAll(sound);
        List<ListLine> lines = new ArrayList<>();
        int next = 0;
        for (int i = 0; i < rows.size(); i++) {
            ParsedList read = became.get(i);
            String job = read.wrong().isEmpty() ? made.get(next++).id().toString() : "";
            lines.add(new ListLine(
                    rows.get(i).number(), read.name(), job, read.wrong().isEmpty() ? read.said() : read.wrong()));
        }
        return new ListReport(lines, unknown.stream().sorted().toList(), "");
    }

    private record ParsedList(
            String name, String notes, JobContent content, Set<String> unknown, String said, String wrong) {}

    private ParsedList read(ListRow row, UnitSystem units) {
        Map<String, String> answers = new LinkedHashMap<>();
        Set<String> unknown = new HashSet<>();
        List<String> wrong = new ArrayList<>();
        StringBuilder notes = new StringBuilder();
        String name = "";
        String line = "";
        for (Map.Entry<String, String> cell : row.cells().entrySet()) {
            String heading = cell.getKey().strip().toLowerCase(Locale.ROOT);
            String text = cell.getValue().strip();
            Optional<InputField<?>> field = InputAliases.field(heading);
            if (NAMES.contains(heading)) {
                name = text;
            } else if (NOTES.contains(heading)) {
                notes.append(text);
            } else if (LINES.contains(heading)) {
                line = text;
            } else if (field.isEmpty()) {
                unknown.add(cell.getKey().strip());
            } else if (!text.isEmpty()) {
                answers.put(field.get().name(), value(field.get(), text, wrong));
            }
        }
        if (!line.isEmpty()) {
            name = said(line, units, name, answers, wrong);
        }
        WeldFields.ALL.stream()
                .filter(field -> field.isRequired() && !answers.containsKey(field.name()))
                .filter(field -> field != WeldFields.BASE || !answers.containsKey(WeldFields.TUBE_OD.name()))
                .forEach(field -> wrong.add(field.name() + " is missing."));
        JobContent content = JobContent.of(joint(answers, units));
        return planned(name.isEmpty() ? "Row " + row.number() : name, notes.toString(), content, unknown, wrong, units);
    }

    /** Takes what the line says where no column does; the name of the joint where the row has none. */
    private static String said(
            String line, UnitSystem units, String name, Map<String, String> answers, List<String> wrong) {
        JointReading reading =
                JointPhrase.read(line.substring(0, Math.min(line.length(), JointPhrase.MAX_CHARACTERS)), units);
        PhraseJob.texts(reading).forEach(answers::putIfAbsent);
        if (!reading.unknown().isEmpty()) {
            wrong.add("Not understood: " + ApiNames.shortened(String.join(", ", reading.unknown()))
                    + ". Leave it out, or give it in a column of its own.");
        }
        return name.isEmpty() ? reading.name() : name;
    }

    /** A choice by its name here; anything else as it is typed. */
    private static String value(InputField<?> field, String text, List<String> wrong) {
        boolean chosen = field.kind() == InputKind.CHOICE || field.kind() == InputKind.FLAG;
        if (!chosen) {
            return text;
        }
        Optional<String> choice = InputAliases.choice(field, text);
        if (choice.isEmpty()) {
            String works = field.kind() == InputKind.FLAG ? "yes or no" : spoken(field);
            wrong.add(field.name() + ": “" + ApiNames.shortened(text) + "” is not known. Write one of " + works + ".");
        }
        return choice.orElse("");
    }

    private static <T> String spoken(InputField<T> field) {
        return field.choices().stream()
                .map(choice -> Phrasebook.find(field.words(choice)).orElse(choice.toString()))
                .collect(Collectors.joining(", "));
    }

    /** What the shop starts a job with, and over it what the row tells; a fillet lies level unless it is given otherwise. */
    private JointText joint(Map<String, String> answers, UnitSystem units) {
        JointText fresh = shop.freshJob().joint();
        Map<String, String> texts = new LinkedHashMap<>(fresh.texts());
        texts.remove(WeldFields.BASE.name());
        boolean fillet = JointForm.T_FILLET.name().equals(answers.get(WeldFields.JOINT.name()));
        if (fillet) {
            texts.put(WeldFields.POSITION.name(), "PB");
        }
        texts.putAll(answers);
        return new JointText(Map.of(), Map.of()).changedTo(texts, JointText.FIELDS, units);
    }

    private ParsedList planned(
            String name, String notes, JobContent content, Set<String> unknown, List<String> wrong, UnitSystem units) {
        if (!wrong.isEmpty()) {
            return new ParsedList(name, notes, content, unknown, "", String.join(" ", wrong));
        }
        JobPlan plan = planner.plan(content);
        String bad = plan.sheet().problems().stream()
                .filter(problem -> problem.kind() == ProblemKind.BAD_VALUE)
                .map(problem -> problem.field() + ": " + problem.message(units))
                .collect(Collectors.joining(" "));
        String text = plan.sheet()
                .value()
                .map(sheet -> current(sheet, units))
                .orElseGet(() -> "no sheet yet: "
                        + plan.sheet().problems().stream()
                                .map(problem -> problem.message(units))
                                .collect(Collectors.joining(" ")));
        return new ParsedList(name, notes, content, unknown, text, bad);
    }

    private static String current(SetupSheet sheet, UnitSystem units) {
        return sheet.setting(ParameterKey.WORKING_CURRENT).shown(units);
    }
}
