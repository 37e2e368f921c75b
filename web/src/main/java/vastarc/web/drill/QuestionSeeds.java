package vastarc.web.drill;

import java.time.Clock;

/** Numbers of questions, drawn by the moment: the number then is in the address, so that a question stays over a reload. */
final class QuestionSeeds {

    private static final long MOST = 1_000_000;
    private static final long SPREAD = 2_654_435_761L;

    private QuestionSeeds() {}

    static long drawn(Clock clock) {
        return Math.floorMod(clock.millis() * SPREAD, MOST);
    }
}
