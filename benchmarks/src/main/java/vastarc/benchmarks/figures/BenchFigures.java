package vastarc.benchmarks.figures;

import java.util.List;
import java.util.Locale;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.HeatBalance;

/**
 * Prints the working current of T fillets beside what a good welder strikes with, horizontal and as a share of the flat one out of position,
 * and whether it lies inside. Ends with 1 if one does not.
 */
public final class BenchFigures {

    private record Envelope(List<Material> metals, double mm, double low, double high) {}

    private static final List<Material> STEEL = List.of(Material.CARBON_STEEL, Material.CHROMOLY_4130);
    private static final List<Material> STAINLESS = List.of(Material.STAINLESS_304L, Material.STAINLESS_316L);
    private static final List<Material> TITANIUM = List.of(Material.TITANIUM_GR2, Material.TITANIUM_GR5);
    private static final List<Envelope> HORIZONTAL = List.of(
            new Envelope(STEEL, 1, 36, 54),
            new Envelope(STEEL, 2, 102, 118),
            new Envelope(STEEL, 3, 112, 146),
            new Envelope(STEEL, 6, 170, 225),
            new Envelope(STAINLESS, 1, 28, 45),
            new Envelope(STAINLESS, 2, 62, 92),
            new Envelope(STAINLESS, 3, 92, 130),
            new Envelope(STAINLESS, 6, 150, 200),
            new Envelope(TITANIUM, 1, 25, 40),
            new Envelope(TITANIUM, 2, 52, 85),
            new Envelope(TITANIUM, 3, 85, 122),
            new Envelope(TITANIUM, 6, 138, 190));

    private record Share(Position position, double low, double high) {}

    private static final List<Share> SHARES = List.of(
            new Share(Position.PF, 0.88, 0.95), new Share(Position.PD, 0.85, 0.93), new Share(Position.PG, 0.85, 1.0));

    private int outside;

    private BenchFigures() {}

    public static void main(String[] arguments) {
        BenchFigures figures = new BenchFigures();
        figures.print();
        System.out.println();
        System.out.println(figures.outside + " outside");
        System.exit(figures.outside == 0 ? 0 : 1);
    }

    private void print() {
        System.out.println("| T fillet | mm | position | figure | wanted | |");
        System.out.println("|---|---|---|---|---|---|");
        for (Envelope envelope : HORIZONTAL) {
            for (Material metal : envelope.metals()) {
                double figure = current(metal, envelope.mm(), Position.PB);
                row(metal, envelope.mm(), "PB, A", figure, envelope.low(), envelope.high(), "%.1f");
            }
        }
        for (Share share : SHARES) {
            for (Material metal : Material.values()) {
                for (double mm : new double[] {1, 2, 3}) {
                    double figure = current(metal, mm, share.position()) / current(metal, mm, Position.PA);
                    row(metal, mm, share.position() + " over PA", figure, share.low(), share.high(), "%.2f");
                }
            }
        }
    }

    private void row(Material metal, double mm, String what, double figure, double low, double high, String format) {
        boolean inside = figure >= low && figure <= high;
        outside += inside ? 0 : 1;
        System.out.printf(
                Locale.ROOT,
                "| %s | %.0f | %s | " + format + " | " + format + " to " + format + " | %s |%n",
                metal,
                mm,
                what,
                figure,
                low,
                high,
                inside ? "inside" : "**outside**");
    }

    private static double current(Material metal, double mm, Position position) {
        return HeatBalance.currentA(
                Joint.of(metal, JointForm.T_FILLET, mm),
                WeldingConditions.usual().with(draft -> draft.position = position));
    }
}
