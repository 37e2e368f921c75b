package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.joint.BackingBar;

/**
 * What several jobs take together, against what the shop has in stock; what it lacks comes first.
 *
 * @param needs       rods, tungstens, cups and bars
 * @param torchArgonL argon at the torch, L
 * @param purgeArgonL argon behind, L
 */
public record DayMaterial(List<MaterialNeed> needs, double torchArgonL, double purgeArgonL) {

    /** Copies its list, so that it cannot change. */
    public DayMaterial {
        needs = List.copyOf(needs);
    }

    /** What is needed. Its words: {@code material.need.<name>}. */
    public enum NeedKind {
        /** Filler rod, by class and diameter. */
        ROD,
        /** Tungsten, by diameter. */
        TUNGSTEN,
        /** Cup, by number. */
        CUP,
        /** Bar behind the joint. */
        BAR
    }

    /** Whether the shop has a thing. What it lacks comes first. */
    public enum StockAnswer {
        /** The shop lists its kind, and not this one. */
        LACKING,
        /** The shop lists nothing of its kind. */
        NOT_LISTED,
        /** The shop lists it. */
        LISTED;

        private static StockAnswer of(boolean nothingListed, boolean has) {
            return nothingListed ? NOT_LISTED : has ? LISTED : LACKING;
        }
    }

    /**
     * One thing that is needed.
     *
     * @param kind    what
     * @param name    class of a rod, or API name of a bar; empty for others
     * @param size    diameter, mm, or number of a cup; 0 for a bar
     * @param count   rods opened, or grinds of a tungsten; 0 for others
     * @param grams   of rod; 0 for others
     * @param stock   whether the shop has it
     * @param jobs    that need it, from 0 in their order
     */
    public record MaterialNeed(
            NeedKind kind, String name, double size, int count, double grams, StockAnswer stock, List<Integer> jobs) {

        /** Copies its list, so that it cannot change. */
        public MaterialNeed {
            jobs = List.copyOf(jobs);
        }

        private boolean isLike(MaterialNeed other) {
            return kind == other.kind && name.equals(other.name) && size == other.size;
        }

        private MaterialNeed and(MaterialNeed other) {
            TreeSet<Integer> both = new TreeSet<>(jobs);
            both.addAll(other.jobs);
            return new MaterialNeed(
                    kind, name, size, count + other.count, grams + other.grams, stock, List.copyOf(both));
        }
    }

    /**
     * {@return what jobs take together}
     *
     * @param jobs  in their order
     * @param stock of the shop
     */
    public static DayMaterial of(List<SequenceRequest> jobs, Stock stock) {
        List<MaterialNeed> needs = new ArrayList<>();
        double torch = 0;
        double purge = 0;
        for (int job = 0; job < jobs.size(); job++) {
            SequenceTotals totals = SequencePlanner.plan(jobs.get(job)).totals();
            torch += totals.torchArgonL();
            purge += totals.purgeArgonL();
            for (MaterialNeed need : needs(jobs.get(job).sheet(), totals, stock, List.of(job))) {
                add(needs, need);
            }
        }
        needs.sort(Comparator.comparing(MaterialNeed::stock)
                .thenComparing(MaterialNeed::kind)
                .thenComparing(MaterialNeed::name)
                .thenComparing(MaterialNeed::size));
        return new DayMaterial(needs, torch, purge);
    }

    private static void add(List<MaterialNeed> needs, MaterialNeed need) {
        for (int i = 0; i < needs.size(); i++) {
            if (needs.get(i).isLike(need)) {
                needs.set(i, needs.get(i).and(need));
                return;
            }
        }
        needs.add(need);
    }

    private static List<MaterialNeed> needs(SetupSheet sheet, SequenceTotals totals, Stock stock, List<Integer> jobs) {
        List<MaterialNeed> needs = new ArrayList<>();
        double rod = size(sheet, ParameterKey.WIRE_DIAMETER).orElse(0.0);
        if (sheet.practice().wire() && rod > 0) {
            needs.add(new MaterialNeed(
                    NeedKind.ROD,
                    alloy(sheet),
                    rod,
                    totals.rods(),
                    totals.wireG(),
                    StockAnswer.of(stock.wiresMm().isEmpty(), stock.hasWire(rod)),
                    jobs));
        }
        double tungsten = size(sheet, ParameterKey.TUNGSTEN_DIAMETER).orElseThrow();
        needs.add(new MaterialNeed(
                NeedKind.TUNGSTEN,
                "",
                tungsten,
                totals.grinds(),
                0,
                StockAnswer.of(stock.tungstensMm().isEmpty(), stock.hasTungsten(tungsten)),
                jobs));
        int cup = sheet.cup().number();
        needs.add(new MaterialNeed(
                NeedKind.CUP, "", cup, 0, 0, StockAnswer.of(stock.cups().isEmpty(), stock.hasCup(cup)), jobs));
        if (sheet.practice().chill() != BackingBar.NONE) {
            needs.add(new MaterialNeed(
                    NeedKind.BAR, sheet.practice().chill().name(), 0, 0, 0, StockAnswer.NOT_LISTED, jobs));
        }
        return needs;
    }

    private static Optional<Double> size(SetupSheet sheet, ParameterKey key) {
        return sheet.find(key).filter(parameter -> parameter.text().isEmpty()).map(Parameter::value);
    }

    private static String alloy(SetupSheet sheet) {
        return FillerAlloy.of(
                        sheet.joint().material(),
                        sheet.joint().other(),
                        sheet.practice().service())
                .alloy()
                .orElse("");
    }
}
