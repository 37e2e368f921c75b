package vastarc.core.score;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.wording.Phrase;

/**
 * Two scores laid over each other: what differs.
 *
 * @param figures  settings that differ by at least half a panel step, in the order of the panel
 * @param sums     what the two add up to
 * @param sentences the differences that matter, in words
 */
public record ScoreComparison(List<Difference> figures, List<Difference> sums, List<Phrase> sentences) {

    /**
     * One figure of both.
     *
     * @param words    names it
     * @param one      of the first score
     * @param other    of the second
     * @param oneIdle  it does nothing in the first
     * @param otherIdle it does nothing in the second
     */
    public record Difference(String words, Quantity one, Quantity other, boolean oneIdle, boolean otherIdle) {}

    private static final double WORTH_SAYING = 0.02;

    public static ScoreComparison of(Score one, Score other) {
        List<Difference> figures = new ArrayList<>();
        for (ScoreKey key : ScoreKey.values()) {
            Handle a = one.handle(key);
            Handle b = other.handle(key);
            boolean idle = a.isIdle() && b.isIdle();
            boolean differs = Math.abs(a.value() - b.value()) >= 0.5 * key.step(a.value()) || a.isIdle() != b.isIdle();
            if (!idle && differs) {
                figures.add(new Difference(key.words(), a.quantity(), b.quantity(), a.isIdle(), b.isIdle()));
            }
        }
        return new ScoreComparison(figures, sums(one.integrals(), other.integrals()), sentences(one, other));
    }

    private static List<Difference> sums(Integrals one, Integrals other) {
        return List.of(
                sum("lengthS", Quantity.seconds(one.lengthS()), Quantity.seconds(other.lengthS())),
                sum("arcS", Quantity.seconds(one.arcS()), Quantity.seconds(other.arcS())),
                sum("averageA", Quantity.amperes(one.averageA()), Quantity.amperes(other.averageA())),
                sum("rmsA", Quantity.amperes(one.rmsA()), Quantity.amperes(other.rmsA())),
                sum("energyKj", kilojoules(one), kilojoules(other)),
                sum("gasL", Quantity.of(one.gasL(), Unit.LITRE), Quantity.of(other.gasL(), Unit.LITRE)));
    }

    private static Quantity kilojoules(Integrals integrals) {
        return Quantity.of(integrals.energyKj(), Unit.KILOJOULE);
    }

    private static Difference sum(String name, Quantity one, Quantity other) {
        return new Difference("integral." + name, one, other, false, false);
    }

    private static List<Phrase> sentences(Score one, Score other) {
        List<Phrase> said = new ArrayList<>();
        Integrals a = one.integrals();
        Integrals b = other.integrals();
        changed(said, "energy", a.energyKj(), b.energyKj());
        changed(said, "gas", a.gasL(), b.gasL());
        changed(said, "arc", a.arcS(), b.arcS());
        double poolOne = one.pool().widthAt(one.timeline().arcOutS());
        double poolOther = other.pool().widthAt(other.timeline().arcOutS());
        if (Math.abs(poolOne - poolOther) > 0.2) {
            said.add(Phrase.of("compare.poolAtOut", Quantity.millimetres(poolOne), Quantity.millimetres(poolOther)));
        }
        if (one.logic().name() != other.logic().name()) {
            said.add(Phrase.of(
                    "compare.logic",
                    Phrase.of(one.logic().name().words()),
                    Phrase.of(other.logic().name().words())));
        }
        if (said.isEmpty()) {
            said.add(Phrase.of("compare.alike"));
        }
        return said;
    }

    /** By how much the first stands above or below the second. */
    private static void changed(List<Phrase> said, String what, double one, double other) {
        if (other <= 0 || Math.abs(one - other) < WORTH_SAYING * other) {
            return;
        }
        double percent = 100 * Math.abs(one - other) / other;
        said.add(Phrase.of("compare." + what + (one > other ? ".more" : ".less"), Quantity.percent(percent)));
    }
}
