package vastarc.core.drill;

import java.util.EnumMap;
import java.util.Map;
import vastarc.core.table.Complete;

/** Which maker makes what. */
final class Makers {

    private static final Map<Topic, Maker> ALL = new EnumMap<>(Topic.class);

    static {
        ALL.put(Topic.PANEL_CHECK, new PanelMaker());
        ALL.put(Topic.DIAL_READING, FigureMakers::dial);
        ALL.put(Topic.CONTROLS, new FactMaker(Topic.CONTROLS));
        ALL.put(Topic.IDLE, MachineMakers::idle);
        ALL.put(Topic.SCORE, MachineMakers::score);
        ALL.put(Topic.SYMPTOMS, WordMakers::symptom);
        ALL.put(Topic.AMPS, FigureMakers::amps);
        ALL.put(Topic.GAS, FigureMakers::gas);
        ALL.put(Topic.TUNGSTEN, MachineMakers::tungsten);
        ALL.put(Topic.WORDS, WordMakers::word);
        ALL.put(Topic.POSITIONS, WordMakers::position);
        ALL.put(Topic.UNITS, FigureMakers::unit);
        ALL.put(Topic.COLOUR, WordMakers::colour);
        ALL.put(Topic.ORDER, WordMakers::order);
        ALL.put(Topic.CAUTIONS, new FactMaker(Topic.CAUTIONS));
        ALL.put(Topic.PURGE, FigureMakers::purge);
        ALL.put(Topic.FIT_UP, new FactMaker(Topic.FIT_UP));
        ALL.put(Topic.WIRE, MachineMakers::wire);
    }

    private Makers() {}

    /** A question of a topic; a panel check in a shop without machines or jobs is a question about controls instead. */
    static Question make(long seed, Topic topic, int level, DrillShop shop) {
        boolean bare = shop.machines().isEmpty() || shop.jobs().isEmpty();
        Topic can = topic == Topic.PANEL_CHECK && bare ? Topic.CONTROLS : topic;
        return Complete.get(ALL, can).make(new Draw(seed), level, shop);
    }
}
