package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vastarc.core.route.Day.Turn;

/** A hand's own turns of a day as they stand in its address: job and how many of its runs, {@code 0x4.1x2.0x3}. */
final class DayTurns {

    private static final Pattern TURN = Pattern.compile("(\\d{1,2})x([1-9]\\d{0,2})");
    private static final int MOST = 200;

    private DayTurns() {}

    /** As many as can be read; none where one of them cannot. */
    static List<Turn> read(String text) {
        List<Turn> turns = new ArrayList<>();
        for (String one : text.split("\\.", MOST + 1)) {
            Matcher found = TURN.matcher(one);
            if (!found.matches()) {
                return List.of();
            }
            turns.add(new Turn(Integer.parseInt(found.group(1)), Integer.parseInt(found.group(2))));
        }
        return turns;
    }

    static String text(List<Turn> turns) {
        return turns.stream().map(turn -> turn.job() + "x" + turn.runs()).collect(Collectors.joining("."));
    }

    /** The same with one taken to another place. */
    static List<Turn> moved(List<Turn> turns, int from, int to) {
        List<Turn> moved = new ArrayList<>(turns);
        moved.add(to, moved.remove(from));
        return moved;
    }
}
