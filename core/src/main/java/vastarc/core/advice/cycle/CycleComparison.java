package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;

/**
 * Two weld cycles compared with each other: what differs.
 *
 * @param figures  settings that differ by at least half a panel step, in the order of the panel
 * @param sums     what the two add up to
 * @param sentences the differences that matter, in words
 */
public record CycleComparison(List<Difference> figures, List<Difference> sums, List<Phrase> sentences) {

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

    /**
     * Compares two weld cycles value by value.
     *
     * @param weldCycle the weld cycle
     * @param other the other one
     * @return the cycle comparison
     */
    public static CycleComparison of(WeldCycle weldCycle, WeldCycle other) {
        List<Difference> figures = new ArrayList<>();
        for (CycleKey key : CycleKey.values()) {
            CycleHandle a = weldCycle.handle(key);
            CycleHandle b = other.handle(key);
            boolean idle = a.isIdle() && b.isIdle();
            boolean differs = Math.abs(a.value() - b.value()) >= 0.5 * key.step(a.value()) || a.isIdle() != b.isIdle();
            if (!idle && differs) {
                figures.add(new Difference(key.words(), a.quantity(), b.quantity(), a.isIdle(), b.isIdle()));
            }
        }
        return new CycleComparison(
                figures, sums(weldCycle.integrals(), other.integrals()), sentences(weldCycle, other));
    }

    private static List<Difference> sums(CycleTotals cycleTotals, CycleTotals other) {
        return List.of(
                sum("lengthS", Quantity.seconds(cycleTotals.lengthS()), Quantity.seconds(other.lengthS())),
                sum("arcS", Quantity.seconds(cycleTotals.arcS()), Quantity.seconds(other.arcS())),
                sum("averageA", Quantity.amperes(cycleTotals.averageA()), Quantity.amperes(other.averageA())),
                sum("rmsA", Quantity.amperes(cycleTotals.rmsA()), Quantity.amperes(other.rmsA())),
                sum("energyKj", kilojoules(cycleTotals), kilojoules(other)),
                sum("gasL", Quantity.of(cycleTotals.gasL(), Unit.LITRE), Quantity.of(other.gasL(), Unit.LITRE)));
    }

    private static Quantity kilojoules(CycleTotals integrals) {
        return Quantity.of(integrals.energyKj(), Unit.KILOJOULE);
    }

    private static Difference sum(String name, Quantity quantity, Quantity other) {
        return new Difference("integral." + name, quantity, other, false, false);
    }

    private static List<Phrase> sentences(WeldCycle weldCycle, WeldCycle other) {
        List<Phrase> phrases = new ArrayList<>();
        CycleTotals a = weldCycle.integrals();
        CycleTotals b = other.integrals();
        changed(phrases, "energy", a.energyKj(), b.energyKj());
        changed(phrases, "gas", a.gasL(), b.gasL());
        changed(phrases, "arc", a.arcS(), b.arcS());
        double poolOne = weldCycle.pool().widthAt(weldCycle.timeline().arcOutS());
        double poolOther = other.pool().widthAt(other.timeline().arcOutS());
        if (Math.abs(poolOne - poolOther) > 0.2) {
            phrases.add(Phrase.of("compare.poolAtOut", Quantity.millimetres(poolOne), Quantity.millimetres(poolOther)));
        }
        if (weldCycle.logic().name() != other.logic().name()) {
            phrases.add(Phrase.of(
                    "compare.logic",
                    Phrase.of(weldCycle.logic().name().words()),
                    Phrase.of(other.logic().name().words())));
        }
        if (phrases.isEmpty()) {
            phrases.add(Phrase.of("compare.alike"));
        }
        return phrases;
    }

    /** By how much the first is above or below the second. */
    private static void changed(List<Phrase> phrases, String what, double value, double other) {
        if (other <= 0 || Math.abs(value - other) < WORTH_SAYING * other) {
            return;
        }
        double percent = 100 * Math.abs(value - other) / other;
        phrases.add(Phrase.of("compare." + what + (value > other ? ".more" : ".less"), Quantity.percent(percent)));
    }
}
