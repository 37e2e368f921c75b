package vastarc.web.assembly;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.core.record.assembly.SeamState;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.assembly.AssemblyPage.ChosenSeam;
import vastarc.web.assembly.AssemblyPage.CountLine;
import vastarc.web.assembly.AssemblyPage.Mark;
import vastarc.web.assembly.AssemblyPage.RateLine;
import vastarc.web.assembly.AssemblyPage.SeamEventLine;
import vastarc.web.assembly.AssemblyPage.SeamLine;
import vastarc.web.assembly.AssemblyPage.Sheet;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Pages;
import vastarc.web.store.ListPage;
import vastarc.web.store.assembly.Assembly;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.AssemblyStore.RepairRates;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.assembly.SeamEventRow;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;
import vastarc.web.store.register.RegisterPaper;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;

/** Puts together what the pages of assemblies show. */
@Component
class AssemblyViews {

    private static final int MOST_JOBS = 100;
    private static final int MOST_RUNS = 30;

    private final AssemblyStore assemblies;
    private final JobStore jobs;
    private final WeldRunQueries runs;
    private final Register<WeldProcedure> procedures;
    private final Clock clock;

    AssemblyViews(
            AssemblyStore assemblies,
            JobStore jobs,
            WeldRunQueries runs,
            Register<WeldProcedure> procedures,
            Clock clock) {
        this.assemblies = assemblies;
        this.jobs = jobs;
        this.runs = runs;
        this.procedures = procedures;
        this.clock = clock;
    }

    /** What is asked for: seams that stand so, a page of them, one that is looked at, and what was typed for it and does not fit. */
    record AssemblyRequest(String state, String page, String seam, Map<String, String> typed, List<Problem> problems) {

        static AssemblyRequest of(String state, String page, String seam) {
            return new AssemblyRequest(state, page, seam, Map.of(), List.of());
        }
    }

    AssemblyPage page(Assembly assembly, AssemblyRequest asked) {
        UUID id = assembly.id();
        Optional<SeamState> state = Arrays.stream(SeamState.values())
                .filter(one -> one.name().equals(asked.state()))
                .findFirst();
        ListPage<Seam> shown = assemblies.seams(id, state, Pages.number(asked.page()));
        Map<UUID, String> names = jobNames();
        Optional<Seam> chosen = asked.seam().isEmpty() ? Optional.empty() : assemblies.seam(id, asked.seam());
        Optional<Sheet> sheet = assemblies
                .drawing(id)
                .map(drawing -> Sheet.of(drawing, assembly.changedAt().toEpochMilli()));
        String address = "/assemblies/" + id + state.map(one -> "?state=" + one).orElse("");
        return new AssemblyPage(
                id.toString(),
                assembly.name(),
                CountLine.of(assemblies.counts(id), asked.state()),
                state.map(Enum::name).orElse(""),
                shown.map(seam -> line(seam, names, isSame(chosen, seam))),
                Pages.of(shown, address, ""),
                sheet,
                sheet.map(drawn -> assemblies.marked(id).stream()
                                .map(seam -> Mark.of(seam, drawn, isSame(chosen, seam)))
                                .toList())
                        .orElse(List.of()),
                chosen.map(seam -> chosen(seam, names, asked)),
                rates(assemblies.rates(id)));
    }

    private static boolean isSame(Optional<Seam> chosen, Seam seam) {
        return chosen.filter(one -> one.id().equals(seam.id())).isPresent();
    }

    private Map<UUID, String> jobNames() {
        return jobs.newest(MOST_JOBS).stream()
                .collect(Collectors.toMap(Job::id, Job::name, (one, other) -> one, LinkedHashMap::new));
    }

    /** {@return the seams of an assembly as lines, all of them} */
    List<SeamLine> lines(Assembly assembly) {
        Map<UUID, String> names = jobNames();
        return assemblies.seams(assembly.id()).stream()
                .map(seam -> line(seam, names, false))
                .toList();
    }

    /** A seam of the log: its line, and all that happened to it. */
    public record LoggedSeam(SeamLine line, List<SeamEventLine> happened) {}

    /** {@return the seams of an assembly with all that happened to them} */
    List<LoggedSeam> logged(Assembly assembly) {
        Map<UUID, String> names = jobNames();
        List<Seam> seams = assemblies.seams(assembly.id());
        Map<UUID, List<SeamEventRow>> events = assemblies
                .events(seams.stream().map(Seam::id).toList())
                .stream()
                .collect(Collectors.groupingBy(SeamEventRow::seam));
        return seams.stream()
                .map(seam -> new LoggedSeam(
                        line(seam, names, false),
                        events.getOrDefault(seam.id(), List.of()).stream()
                                .map(SeamEventLine::of)
                                .toList()))
                .toList();
    }

    private static SeamLine line(Seam seam, Map<UUID, String> names, boolean chosen) {
        return new SeamLine(
                seam.number(),
                seam.text().location(),
                seam.text().hold(),
                seam.state().name(),
                AssemblyPage.label(seam.state()),
                seam.text().job().map(job -> names.getOrDefault(job, "")).orElse(""),
                seam.text().procedure(),
                seam.welder(),
                seam.repairs(),
                chosen);
    }

    private static List<RateLine> rates(RepairRates rates) {
        return Stream.of(
                        rates.welders().stream().map(rate -> RateLine.of("welder", rate)),
                        rates.machines().stream().map(rate -> RateLine.of("machine", rate)),
                        rates.causes().stream().map(rate -> RateLine.of("cause", rate)))
                .flatMap(lines -> lines)
                .toList();
    }

    private ChosenSeam chosen(Seam seam, Map<UUID, String> names, AssemblyRequest asked) {
        Map<String, String> typed = asked.typed();
        boolean texts = typed.containsKey("number");
        Map<String, String> fields = Map.of(
                "number", texts ? typed.getOrDefault("number", "") : seam.number(),
                "location",
                        texts ? typed.getOrDefault("location", "") : seam.text().location(),
                "hold", texts ? typed.getOrDefault("hold", "") : seam.text().hold());
        Map<String, String> entry = new HashMap<>(texts ? Map.of() : typed);
        entry.putIfAbsent(
                "day",
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).toString());
        List<SeamEventKind> next = seam.state().next();
        entry.putIfAbsent("kind", next.get(0).name());
        return new ChosenSeam(
                seam.id().toString(),
                seam.version(),
                fields,
                jobs(names, seam, typed),
                procedures(typed.getOrDefault("procedure", seam.text().procedure())),
                AssemblyPage.label(seam.state()),
                seam.x() != null,
                assemblies.events(seam.id()).stream().map(SeamEventLine::of).toList(),
                next(next, entry.get("kind")),
                entry,
                runs(seam, typed.getOrDefault("run", "")),
                Choice.of(Examination.values(), "seam.method", typed.getOrDefault("method", "VISUAL")).stream()
                        .skip(1)
                        .toList(),
                asked.problems().stream()
                        .collect(Collectors.toMap(
                                Problem::field,
                                problem -> problem.message(UnitSystem.METRIC),
                                (one, other) -> one,
                                LinkedHashMap::new)));
    }

    private static List<Choice> next(List<SeamEventKind> kinds, @Nullable String selected) {
        return kinds.stream()
                .map(kind -> new Choice(
                        kind.name(),
                        AssemblyPage.say("seam.event." + kind),
                        kind.name().equals(selected)))
                .toList();
    }

    private static List<Choice> jobs(Map<UUID, String> names, Seam seam, Map<String, String> typed) {
        String selected =
                typed.getOrDefault("job", seam.text().job().map(UUID::toString).orElse(""));
        List<Choice> choices = new ArrayList<>();
        names.forEach((id, name) ->
                choices.add(new Choice(id.toString(), name, id.toString().equals(selected))));
        return choices;
    }

    /** Those of the shop, and one that a seam names though the shop no longer has it. */
    private List<Choice> procedures(String selected) {
        List<String> numbers = new ArrayList<>(
                procedures.all().stream().map(RegisterPaper::number).toList());
        if (!selected.isEmpty() && !numbers.contains(selected)) {
            numbers.add(selected);
        }
        return numbers.stream()
                .map(number -> new Choice(number, number, number.equals(selected)))
                .toList();
    }

    private List<Choice> runs(Seam seam, String selected) {
        return seam.text().job().stream()
                .flatMap(job -> runs.newest(RunFilter.of(job), MOST_RUNS).stream())
                .map(run -> new Choice(
                        run.id().toString(), label(run), run.id().toString().equals(selected)))
                .toList();
    }

    private static String label(WeldRun run) {
        return run.startedAt().toString().substring(0, 16).replace('T', ' ')
                + (run.head().hand().isEmpty() ? "" : ", " + run.head().hand());
    }
}
