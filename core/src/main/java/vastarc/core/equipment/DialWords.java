package vastarc.core.equipment;

import vastarc.core.base.text.Phrase;

/** Says where a pointer is, as one welder says it to another. */
final class DialWords {

    private static final double ON = 0.07;
    private static final double NEEDLE = 0.2;
    private static final double THIRD = 0.42;

    private DialWords() {}

    /** The place on a dial with marks; on one without, the time on a clock face. */
    static Phrase of(Scale scale, double share) {
        if (scale.ticks() <= 0) {
            return Phrase.of("dial.clock", clock(scale.angleDeg(share)));
        }
        double at = share * scale.ticks();
        int below = (int) Math.floor(at + 1e-9);
        double past = at - below;
        if (past < ON) {
            return Phrase.of("dial.on", mark(below));
        }
        if (past > 1 - ON) {
            return Phrase.of("dial.on", mark(below + 1));
        }
        if (past < NEEDLE) {
            return Phrase.of("dial.past", mark(below));
        }
        if (past > 1 - NEEDLE) {
            return Phrase.of("dial.before", mark(below + 1));
        }
        String where = past < THIRD ? "dial.third" : past > 1 - THIRD ? "dial.twoThirds" : "dial.half";
        return Phrase.of(where, mark(below), mark(below + 1));
    }

    /** Marks are counted up from the lowest, which is nought: the tenth of ten ends the scale. */
    private static Phrase mark(int index) {
        String words = "dial.mark." + index;
        return index <= 12 ? Phrase.of(words) : Phrase.of("dial.mark", index);
    }

    /** Whole and half hours. */
    private static String clock(double degrees) {
        long halves = Math.round(((degrees % 360) + 360) % 360 / 15);
        long hour = halves / 2 % 12;
        return (hour == 0 ? 12 : hour) + (halves % 2 == 1 ? ":30" : ":00");
    }
}
