package vastarc.web.hostile;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Every kind of write that a shop knows, by name; each answers its status. */
final class Writes {

    private static final Pattern JOB = Pattern.compile("/jobs/([0-9a-f-]{36})/sheet");
    private static final Pattern MACHINE = Pattern.compile("/machines/([0-9a-f-]{36})");
    private static final Pattern RUN = Pattern.compile("\"/logbook/([0-9a-f-]{36})\"");
    private static final Pattern KEY = Pattern.compile("id=\"key\"[^>]*>([^<]+)<");
    private static final Pattern WORK = Pattern.compile("\"ids\":\\[\"([0-9a-f-]{36})\"");
    private static final Pattern ELEMENT = Pattern.compile("name=\"element\"\\s+value=\"([^\"]+)\"");
    private static final String JOINT = "name,metal,thickness,form\nRail post,mild steel,3 mm,tee\n";

    private final Program program;
    private final byte[] picture;
    private final Map<String, Write> all = new LinkedHashMap<>();
    private int number;
    private String key = "";
    private String meter = "";

    /** One kind of write. */
    interface Write {
        int status() throws IOException;
    }

    /** Those of a program that has the demo shop. */
    Writes(Program program, byte[] picture) throws IOException {
        this.program = program;
        this.picture = picture;
        String job = "/jobs/" + found(JOB, program.get("/").body());
        String machine = "/machines/" + found(MACHINE, program.get("/machines").body());
        String run = "/logbook/" + found(RUN, program.get("/logbook").body());
        jobs(job);
        String dialled = pageWith(MACHINE, "/machines", "", "data-post=\"/readings\"");
        String element = found(ELEMENT, program.get(dialled).body());
        places(
                pageWith(JOB, "/", "/panel", "choose-slot").replace("/panel", ""),
                dialled + "/readings?element=" + element);
        machines(machine);
        runs(job, run);
        all.put("a whole shop", () -> file("/shop/restore?take=true", program.bytes("/shop/backup.zip")));
        all.put("what a bead shows", () -> form(job + "/read/sign", "sign=CRATER&there=true"));
        all.put("a shop's time to keep jobs", () -> form("/shop/away", "days=" + (number++ % 2 == 0 ? 30 : 90)));
        all.put(
                "an answer in the drill",
                () -> form("/drill/answer", "learner=Welder" + number++ + "&topic=AMPS&seed=3&figure=10"));
    }

    private void jobs(String job) {
        all.put("a new job", () -> form("/jobs", ""));
        all.put(
                "a list of joints",
                () -> program.api("/api/v1/joints", "text/csv", JOINT).statusCode());
        all.put("a copy of a job", () -> form(job + "/duplicate", ""));
        all.put(
                "a change of a job",
                () -> form(
                        job + "/sheet",
                        "version=" + Program.version(program.get(job + "/sheet").body()) + "&notes=" + number++));
        all.put("a change taken back", () -> form(job + "/sheet/undo", ""));
    }

    private void machines(String machine) {
        all.put("a machine", () -> {
            int made = program.api(
                            "/api/v1/machines",
                            "application/json",
                            program.get(machine + ".json").body())
                    .statusCode();
            if (made == 201) {
                String list = program.get("/machines").body();
                Matcher last = MACHINE.matcher(list);
                String id = "";
                while (last.find()) {
                    id = last.group(1);
                }
                program.form("/machines/" + id + "/delete", "");
            }
            return made;
        });
        all.put("a machine off the list", () -> form(machine + "/delete", ""));
        all.put("a machine back on it", () -> form(machine + "/restore", ""));
    }

    private void runs(String job, String run) {
        all.put("an arc", () -> form(job + "/run/event", "kind=ARC_ON"));
        all.put("the end of an arc", () -> form(job + "/run/event", "kind=ARC_OFF"));
        all.put("a key for a meter", this::makeKey);
        all.put("which meter a run listens to", () -> form(job + "/run/meter", "meter=" + meter));
        all.put("a reading of a meter", this::read);
        all.put("a photograph", () -> {
            int accepted = file(run + "/photo?kind=BEAD", picture);
            Matcher photo = Pattern.compile(run + "/photo/([0-9a-f-]{36})/delete")
                    .matcher(program.get(run).body());
            if (accepted == 200 && photo.find()) {
                program.form(photo.group(), "");
            }
            return accepted;
        });
        all.put(
                "readings of a meter's own table",
                () -> file(
                        run + "/trace?column=TIME&column=CURRENT",
                        "zeit;strom\n0;60\n1;61\n2;60\n".getBytes(StandardCharsets.UTF_8)));
        all.put("a judgement", () -> form(run, "verdict=GOOD&note=" + number++));
        all.put("the end of a run", () -> form(job + "/run/close", "verdict=GOOD&hand=Welder&note="));
        all.put(
                "a run from elsewhere",
                () -> program.api(
                                "/api/v1/runs",
                                "application/json",
                                "{\"job\":\"Elsewhere\",\"started\":\"2026-11-2" + number++ % 9
                                        + "T08:00:00Z\",\"material\":\"CARBON_STEEL\",\"joint\":\"LAP\",\"thicknessMm\":2}")
                        .statusCode());
    }

    /** What a job's other places keep, where it has a machine with a memory and a dial that somebody measures. */
    private void places(String job, String dial) throws IOException {
        all.put("a tick of the check", () -> form(job + "/panel/check", "item=polarity&answer=" + number++));
        all.put("figures into a machine's memory", () -> form(job + "/panel/slot", "slot=1"));
        all.put("a reading of a dial", () -> form(dial, "mark=2&amps=" + (40 + number++ % 10)));
        all.put("a change that is tried", () -> form(job + "/read/try", "cause=WORK_CLAMP_POOR"));
        all.put("what came of it", () -> form(job + "/read/outcome", "result=SAME"));
        String rehearsal = rehearsed(job);
        all.put("a rehearsal", () -> form(job + "/rehearse/keep", "seamMm=20&one=" + rehearsal));
    }

    /** A short simulation, welded to its end. */
    private String rehearsed(String job) throws IOException {
        String id = found(WORK, program.form(job + "/rehearse/run", "seamMm=20").body());
        while (!program.get("/api/v1/work/" + id).body().contains("DONE")) {
            Thread.onSpinWait();
        }
        return id;
    }

    /** The first page of a list that holds something, as the address it was found under. */
    private String pageWith(Pattern link, String list, String place, String wanted) throws IOException {
        Matcher links = link.matcher(program.get(list).body());
        while (links.find()) {
            String address = links.group().replace("/sheet", "") + place;
            if (program.get(address).body().contains(wanted)) {
                return address;
            }
        }
        throw new IllegalStateException("no page of " + list + " has " + wanted);
    }

    private static String found(Pattern pattern, String page) {
        Matcher found = pattern.matcher(page);
        if (!found.find()) {
            throw new IllegalStateException("no " + pattern + " on the page");
        }
        return found.group(1);
    }

    private int makeKey() throws IOException {
        String name = "meter" + number++;
        var page = program.form("/shop/meters", "name=" + name);
        Matcher shown = KEY.matcher(page.body());
        if (page.statusCode() == 200 && shown.find()) {
            key = shown.group(1);
            meter = name;
        }
        return page.statusCode();
    }

    private int read() throws IOException {
        return program.reading(meter, key, "{\"readings\":[{\"quantity\":\"GAS_FLOW\",\"value\":8}]}")
                .statusCode();
    }

    private int form(String address, String fields) throws IOException {
        return program.form(address, fields).statusCode();
    }

    private int file(String address, byte[] bytes) throws IOException {
        return program.file(address, bytes).statusCode();
    }

    /** Does each once; those that answered otherwise than wanted, with what they answered. */
    Map<String, Integer> answersBut(IntPredicate wanted) throws IOException {
        Map<String, Integer> others = new LinkedHashMap<>();
        for (Map.Entry<String, Write> write : all.entrySet()) {
            int status = write.getValue().status();
            if (!wanted.test(status)) {
                others.put(write.getKey(), status);
            }
        }
        return others;
    }

    Map<String, Write> all() {
        return all;
    }
}
