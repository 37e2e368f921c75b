package vastarc.web.route;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vastarc.core.advice.sequence.DaySchedule.Block;

/** A welder's own turns of a day as they are in its address: job and how many of its runs, {@code 0x4.1x2.0x3}. */
final class DayBlocks {

    private static final Pattern TURN = Pattern.compile("(\\d{1,2})x([1-9]\\d{0,2})");
    private static final int MOST = 200;

    private DayBlocks() {}

    /** As many as can be read; none where one of them cannot. */
    static List<Block> read(String text) {
        List<Block> turns = new ArrayList<>();
        for (String one : text.split("\\.", MOST + 1)) {
            Matcher found = TURN.matcher(one);
            if (!found.matches()) {
                return List.of();
            }
            turns.add(new Block(Integer.parseInt(found.group(1)), Integer.parseInt(found.group(2))));
        }
        return turns;
    }

    static String text(List<Block> turns) {
        return turns.stream().map(block -> block.job() + "x" + block.runs()).collect(Collectors.joining("."));
    }

    /** The same with one taken to another place. */
    static List<Block> moved(List<Block> turns, int from, int to) {
        List<Block> moved = new ArrayList<>(turns);
        moved.add(to, moved.remove(from));
        return moved;
    }
}
