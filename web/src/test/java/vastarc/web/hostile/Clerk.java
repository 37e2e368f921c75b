package vastarc.web.hostile;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Makes keys for meters, pairs devices, answers in the drill and sends readings, and remembers what was acknowledged. */
final class Clerk {

    private static final Pattern JOB = Pattern.compile("/jobs/([0-9a-f-]{36})/sheet");
    private static final Pattern KEY = Pattern.compile("id=\"key\"[^>]*>([^<]+)<");
    private static final Pattern CODE = Pattern.compile("id=\"code\">(\\d{6})<");
    private static final Pattern AWAY = Pattern.compile("/shop/(?:meters|devices)/[0-9a-f-]{36}/away");
    private static final Pattern RUN = Pattern.compile("\"run\":\"([0-9a-f-]{36})\"");

    private final List<String> meters = new ArrayList<>();
    private final List<String> devices = new ArrayList<>();
    private String job = "";
    private String learner = "";
    private String meter = "";
    private String key = "";
    private String run = "";
    private int number;
    private int answers;
    private int readings;
    private int keysInAll;
    private int pairingsInAll;
    private int answersInAll;
    private int readingsInAll;

    /** Works until the program is gone. */
    void work(Program program) {
        learner = "Learner " + number++;
        answers = 0;
        readings = 0;
        run = "";
        try {
            if (job.isEmpty()) {
                job = found(
                        JOB,
                        program.form("/jobs", "")
                                .headers()
                                .firstValue("Location")
                                .orElse(""));
                String version =
                        Program.version(program.get("/jobs/" + job + "/sheet").body());
                program.form(
                        "/jobs/" + job + "/sheet",
                        "version=" + version + "&material=CARBON_STEEL&joint=LAP&thicknessMm%5B0%5D=1.5");
            }
            makeKey(program);
            program.form("/jobs/" + job + "/run/event", "kind=ARC_ON");
            program.form("/jobs/" + job + "/run/meter", "meter=" + meter);
            run = found(RUN, program.get("/jobs/" + job + "/run/state").body());
            while (true) {
                answer(program);
                read(program);
                pair(program);
                makeKey(program);
            }
        } catch (IOException | IllegalStateException killed) {
            // The program was killed, which is what it was started for.
        }
    }

    private static String found(Pattern pattern, String text) {
        Matcher found = pattern.matcher(text);
        if (!found.find()) {
            throw new IllegalStateException("no " + pattern);
        }
        return found.group(1);
    }

    private void makeKey(Program program) throws IOException {
        String name = "meter" + number++;
        HttpResponse<String> page = program.form("/shop/meters", "name=" + name);
        Matcher shown = KEY.matcher(page.body());
        if (page.statusCode() == 200 && shown.find()) {
            meters.add(name);
            keysInAll++;
            if (run.isEmpty()) {
                meter = name;
                key = shown.group(1);
            }
        }
    }

    private void answer(Program program) throws IOException {
        int status = program.form(
                        "/drill/answer", "learner=" + learner.replace(' ', '+') + "&topic=AMPS&seed=3&figure=10")
                .statusCode();
        if (status == 200) {
            answers++;
            answersInAll++;
        }
    }

    private void read(Program program) throws IOException {
        int status = program.reading(meter, key, "{\"readings\":[{\"quantity\":\"GAS_FLOW\",\"value\":8}]}")
                .statusCode();
        if (status == 200) {
            readings++;
            readingsInAll++;
        }
    }

    private void pair(Program program) throws IOException {
        String name = "device" + number++;
        String code = found(CODE, program.get("/shop/devices").body());
        if (program.form("/pair", "code=" + code + "&name=" + name).statusCode() == 303) {
            devices.add(name);
            pairingsInAll++;
        }
    }

    /** What was acknowledged and is not there; makes room for more. */
    List<String> lost(Program program) throws IOException {
        List<String> lost = new ArrayList<>();
        lost.addAll(missing(program, "/shop/meters", meters));
        lost.addAll(missing(program, "/shop/devices", devices));
        if (!learner.isEmpty()) {
            long kept = program.get("/drill.csv?learner=" + learner.replace(' ', '+'))
                            .body()
                            .lines()
                            .count()
                    - 1;
            if (kept < answers) {
                lost.add(answers + " answers acknowledged, " + kept + " kept");
            }
        }
        if (!run.isEmpty()) {
            long kept =
                    program.get("/logbook/" + run + "/trace.csv").body().lines().count() - 1;
            if (kept < readings) {
                lost.add(readings + " readings acknowledged, " + kept + " kept");
            }
            program.form("/jobs/" + job + "/run/drop", "");
        }
        return lost;
    }

    private static List<String> missing(Program program, String list, List<String> names) throws IOException {
        String page = program.get(list).body();
        List<String> missing =
                names.stream().filter(name -> !page.contains(">" + name + "<")).toList();
        names.clear();
        Matcher away = AWAY.matcher(page);
        while (away.find()) {
            program.form(away.group(), "");
        }
        return missing;
    }

    String told() {
        return keysInAll + " keys, " + pairingsInAll + " pairings, " + answersInAll + " answers, " + readingsInAll
                + " readings";
    }
}
