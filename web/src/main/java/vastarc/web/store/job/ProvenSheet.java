package vastarc.web.store.job;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.base.tables.OrderedCollections;

/**
 * What a job was proven with.
 *
 * @param day         of the proof, by the shop's clock
 * @param schools     the method in every matter
 * @param tungstensMm what was in stock; empty for not given
 * @param cups        cup numbers
 * @param wiresMm     wire diameters
 * @param sheet       the sheet itself; empty where it was proven before sheets were kept
 */
public record ProvenSheet(
        LocalDate day,
        Map<ParameterTopic, Method> schools,
        Set<Double> tungstensMm,
        Set<Integer> cups,
        Set<Double> wiresMm,
        Optional<SheetDocument> sheet) {

    public ProvenSheet {
        schools = OrderedCollections.map(schools);
        tungstensMm = new TreeSet<>(tungstensMm);
        cups = new TreeSet<>(cups);
        wiresMm = new TreeSet<>(wiresMm);
    }

    /**
     * {@return a sheet proven on a day, under the ways it was made by}
     *
     * @param day the day
     * @param shop the defaults of the shop
     * @param sheet the sheet; empty if there is none
     */
    public static ProvenSheet of(LocalDate day, ShopDefaults shop, Optional<SheetDocument> sheet) {
        return new ProvenSheet(
                day,
                shop.methods().chosen(),
                shop.stock().tungstensMm(),
                shop.stock().cups(),
                shop.stock().wiresMm(),
                sheet);
    }

    /** {@return the ways it was made by} */
    public ShopDefaults shopDefaults() {
        return new ShopDefaults(ChosenMethods.usual().with(schools.values()), new Stock(tungstensMm, cups, wiresMm));
    }
}
