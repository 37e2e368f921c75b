package vastarc.web.kept.job;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import vastarc.core.plan.SheetDocument;
import vastarc.core.sheet.Matter;
import vastarc.core.sheet.School;
import vastarc.core.sheet.Schools;
import vastarc.core.sheet.ShopWays;
import vastarc.core.sheet.Stock;
import vastarc.core.table.InOrder;

/**
 * What a job was proven with.
 *
 * @param day         of the proof, by the shop's clock
 * @param schools     the school in every matter
 * @param tungstensMm what stood on the shelf; empty for untold
 * @param cups        cup numbers
 * @param wiresMm     wire diameters
 * @param sheet       the sheet itself; empty where it was proven before sheets were kept
 */
public record Proof(
        LocalDate day,
        Map<Matter, School> schools,
        Set<Double> tungstensMm,
        Set<Integer> cups,
        Set<Double> wiresMm,
        Optional<SheetDocument> sheet) {

    public Proof {
        schools = InOrder.map(schools);
        tungstensMm = new TreeSet<>(tungstensMm);
        cups = new TreeSet<>(cups);
        wiresMm = new TreeSet<>(wiresMm);
    }

    /** A sheet proven on a day, under the ways it was made by. */
    public static Proof of(LocalDate day, ShopWays ways, Optional<SheetDocument> sheet) {
        return new Proof(
                day,
                ways.schools().chosen(),
                ways.stock().tungstensMm(),
                ways.stock().cups(),
                ways.stock().wiresMm(),
                sheet);
    }

    /** The ways it was made by. */
    public ShopWays ways() {
        return new ShopWays(Schools.usual().with(schools.values()), new Stock(tungstensMm, cups, wiresMm));
    }
}
