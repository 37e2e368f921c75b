package vastarc.web.search;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.reference.Glossary;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.ReferenceAnchors;

/** What can be found in every shop: signs, settings, terms, positions, joints, metals, places, and what can be done there. */
final class FixedEntries {

    /** All of them. */
    static final List<SearchEntry> ALL = Stream.of(
                    places(), acts(), settings(), positions(), symptoms(), joints(), metals(), terms())
            .flatMap(List::stream)
            .toList();

    private FixedEntries() {}

    private static List<SearchEntry> places() {
        return List.of(
                place("Bench", "jobs, and a line that makes one", "home start jobs list", "/"),
                place("Machines", "panels, dials, torches", "welder inverter panel dial torch", "/machines"),
                place("Logbook", "the runs of the shop", "runs log history records", "/logbook"),
                place("Trends", "what the runs of the shop show over time", "statistics drift", "/logbook/trends"),
                place("Drill", "questions, practice, the exam", "training practise learn quiz", "/drill"),
                place("The day", "jobs in an order that saves changes", "schedule plan calendar", "/day"),
                place(
                        "Assemblies",
                        "seams on a drawing, welded, examined, repaired",
                        "weld map log seam list",
                        "/assemblies"),
                place("Procedures", "limits that the shop has qualified", "wps wpqr specification", "/shop/procedures"),
                place(
                        "Welders",
                        "what their papers cover, and until when",
                        "qualification certificate",
                        "/shop/welders"),
                place(
                        "Meters and calibration",
                        "serial numbers, and until when calibration holds",
                        "calibration instrument serial oxygen clamp",
                        "/shop/instruments"),
                place("Shop", "defaults, stock, backup", "settings preferences options", "/shop"),
                place("Prices", "filler, argon, power, wages", "cost money", "/shop/prices"),
                place("Devices", "tablets and phones that are let in", "tablet phone network pair", "/shop/devices"),
                place("Meters", "keys of gas, oxygen and current meters", "sensor token key", "/shop/meters"),
                place("Archived jobs", "jobs taken off the bench", "deleted removed old", "/away"),
                place("Wall chart", "thickness by joint for a metal", "wallchart poster table overview", "/chart"),
                place("Reference", "words, tables, positions", "help handbook glossary", "/reference"),
                place("Model", "the equations behind the figures", "formula physics theory", "/reference/model"),
                place("Cope template", "a branch cut to fit a run", "saddle notch fishmouth", "/cope"));
    }

    private static SearchEntry place(String name, String more, String words, String href) {
        return new SearchEntry("place", name, more, words, href);
    }

    private static List<SearchEntry> acts() {
        return List.of(
                act("Make a backup", "the whole shop in one file", "back up save copy archive export", "/shop#backup"),
                act("Restore a backup", "take a file back in", "import archive recover load", "/shop#restore-file"),
                act("Print the wall chart", "on one A4 sheet", "paper pdf poster", "/chart"),
                act("Print the day", "as a PDF", "paper schedule", "/day"),
                act("Print an exam", "as a PDF", "paper test", "/drill/exam"),
                act("Export the logbook", "as a table or JSON", "csv download spreadsheet runs", "/logbook"),
                act("Import runs", "from a table or JSON", "csv upload", "/logbook"),
                act("Import a list of joints", "a job for each row", "csv upload jobs paste", "/joints"),
                act("Add a machine", "from a starting panel or a file", "new welder import profile", "/machines"),
                act("Set prices", "so that jobs show their cost", "cost money", "/shop/prices"),
                act("Let a tablet in", "with a code of six digits", "pair phone device network", "/shop/devices"));
    }

    private static SearchEntry act(String name, String more, String words, String href) {
        return new SearchEntry("act", name, more, words, href);
    }

    /** What can be done with a job, for whoever searches from one of its places. */
    static List<SearchEntry> ofJob(String job) {
        String at = "/jobs/" + job;
        List<SearchEntry> entries = new ArrayList<>(List.of(
                act("Print the setup card", "of this job", "paper pdf", at + "/card"),
                act("Export this sheet", "as a table", "csv download spreadsheet", at + "/sheet.csv"),
                act("Export this job", "as a file that another shop can import", "json download", at + "/job.json"),
                act("Print this sequence", "as a PDF", "paper route", at + "/route.pdf")));
        Arrays.stream(JobTab.values())
                .map(tab -> place(tab.label(), "of this job", String.valueOf(tab.number()), at + "/" + tab.path()))
                .forEach(entries::add);
        return entries;
    }

    private static List<SearchEntry> settings() {
        return Arrays.stream(ParameterKey.values())
                .map(key -> new SearchEntry(
                        "setting", say(key.words()), say(key.words() + ".formula"), "", ReferenceAnchors.setting(key)))
                .toList();
    }

    private static List<SearchEntry> symptoms() {
        return Symptom.all().stream()
                .map(symptom -> new SearchEntry(
                        "symptom",
                        say(symptom.words()),
                        symptom.likelyCauses().stream()
                                .map(cause -> say(cause.words()))
                                .collect(Collectors.joining("; ")),
                        symptom.id().replace('_', ' '),
                        ReferenceAnchors.symptom(symptom)))
                .toList();
    }

    private static List<SearchEntry> positions() {
        return Arrays.stream(Position.values())
                .map(position -> new SearchEntry(
                        "position",
                        position.letters() + " · " + position.numberLetterName() + ", "
                                + say("position." + position.name()),
                        "as drawn under Reference",
                        "",
                        ReferenceAnchors.position(position)))
                .toList();
    }

    private static List<SearchEntry> joints() {
        return Arrays.stream(JointForm.values())
                .map(form -> new SearchEntry(
                        "joint",
                        say("joint." + form.name()),
                        "a new job of it",
                        "weld",
                        line(say("joint." + form.name()))))
                .toList();
    }

    private static List<SearchEntry> metals() {
        return Arrays.stream(Material.values())
                .map(metal -> new SearchEntry(
                        "metal",
                        say("material." + metal.name()),
                        "a new job of it",
                        "weld",
                        line(say("material." + metal.name()))))
                .toList();
    }

    /** Where a joint said in words is read. */
    static String line(String text) {
        return "/line?text=" + URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private static List<SearchEntry> terms() {
        return Glossary.entries().stream()
                .map(entry -> new SearchEntry(
                        "term",
                        entry.term(),
                        entry.aliases().isEmpty()
                                ? entry.meaning()
                                : entry.meaning() + " (also " + String.join(", ", entry.aliases()) + ")",
                        String.join(" ", entry.aliases()),
                        ReferenceAnchors.term(entry.term())))
                .toList();
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }
}
