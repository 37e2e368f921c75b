package vastarc.web.hostile;

import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A welder that edits one job and makes others, and remembers what was acknowledged. */
final class Hand {

    private static final Pattern JOB = Pattern.compile("/jobs/([0-9a-f-]{36})/sheet");

    private static final Pattern ARCS = Pattern.compile("\"arcs\":(\\d+)");

    private final String name;
    private final List<String> made = new ArrayList<>();
    private String job = "";
    private int asked;
    private int acknowledged;
    private volatile int edits;
    private volatile int struck;
    private int struckAsked;
    private volatile boolean atWork;

    Hand(String name) {
        this.name = name;
    }

    private static String made(HttpResponse<String> answer) {
        Matcher found = JOB.matcher(answer.headers().firstValue("Location").orElse(""));
        if (!found.find()) {
            throw new IllegalStateException("no job was made: " + answer.statusCode());
        }
        return found.group(1);
    }

    private String note(int number) {
        return name + "-" + number + ".";
    }

    void begin() {
        atWork = false;
    }

    /** Whether something was acknowledged since the program was started. */
    boolean isAtWork() {
        return atWork;
    }

    /** Edits until the program is gone. */
    void work(Program program) {
        try {
            if (job.isEmpty()) {
                job = made(program.form("/jobs", ""));
            }
            String version =
                    Program.version(program.get("/jobs/" + job + "/sheet").body());
            while (true) {
                asked++;
                HttpResponse<String> answer = program.form(
                        "/jobs/" + job + "/sheet",
                        "version=" + version + "&name=Job&notes="
                                + URLEncoder.encode(note(asked), StandardCharsets.UTF_8)
                                + "&material=CARBON_STEEL&joint=LAP&thicknessMm%5B0%5D=" + (1 + asked % 40 / 20.0));
                if (answer.statusCode() != 200) {
                    return;
                }
                acknowledged = asked;
                edits++;
                atWork = true;
                version = Program.version(answer.body());
                if (asked % 3 == 0) {
                    weld(program);
                }
                if (asked % 7 == 0) {
                    made.add(made(program.form("/jobs", "")));
                }
            }
        } catch (IOException e) {
            // The program was killed, which is what it was started for.
        }
    }

    /** Strikes an arc at the booth, and puts it out. */
    private void weld(Program program) throws IOException {
        String address = "/jobs/" + job + "/run/event";
        struckAsked++;
        if (program.form(address, "kind=ARC_ON").statusCode() == 200) {
            struck++;
            program.form(address, "kind=ARC_OFF");
        }
    }

    /** Arcs that were acknowledged and are not in the run. */
    private void lostArcs(Program program, List<String> lost) throws IOException {
        Matcher arcs = ARCS.matcher(program.get("/jobs/" + job + "/run/state").body());
        int kept = arcs.find() ? Integer.parseInt(arcs.group(1)) : 0;
        if (kept < struck || kept > struckAsked) {
            lost.add(struck + " arcs acknowledged, " + kept + " kept");
        }
        program.form("/jobs/" + job + "/run/event", "kind=ARC_OFF");
    }

    /** What was acknowledged and is not there. */
    List<String> lost(Program program) throws IOException {
        List<String> lost = new ArrayList<>();
        if (job.isEmpty()) {
            return lost;
        }
        String page = program.get("/jobs/" + job + "/sheet").body();
        boolean there = acknowledged == 0 || page.contains(note(acknowledged)) || page.contains(note(asked));
        if (!there) {
            lost.add(note(acknowledged));
        }
        for (String text : made) {
            if (program.get("/jobs/" + text + "/sheet").statusCode() != 200) {
                lost.add("job " + text);
            }
        }
        made.clear();
        lostArcs(program, lost);
        return lost;
    }

    int edits() {
        return edits;
    }

    /** Arcs that were acknowledged. */
    int arcs() {
        return struck;
    }
}
