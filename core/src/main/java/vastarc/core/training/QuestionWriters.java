package vastarc.core.training;

import java.util.EnumMap;
import java.util.Map;
import vastarc.core.base.tables.Maps;

/** Which maker makes what. */
final class QuestionWriters {

    private static final Map<Topic, QuestionWriter> ALL = new EnumMap<>(Topic.class);

    static {
        ALL.put(Topic.PANEL_CHECK, new PanelQuestions());
        ALL.put(Topic.DIAL_READING, FigureQuestions::dial);
        ALL.put(Topic.CONTROLS, new FactQuestions(Topic.CONTROLS));
        ALL.put(Topic.IDLE, MachineQuestions::idle);
        ALL.put(Topic.SCORE, MachineQuestions::score);
        ALL.put(Topic.SYMPTOMS, TermQuestions::symptom);
        ALL.put(Topic.AMPS, FigureQuestions::amps);
        ALL.put(Topic.GAS, FigureQuestions::gas);
        ALL.put(Topic.TUNGSTEN, MachineQuestions::tungsten);
        ALL.put(Topic.WORDS, TermQuestions::word);
        ALL.put(Topic.POSITIONS, TermQuestions::position);
        ALL.put(Topic.UNITS, FigureQuestions::unit);
        ALL.put(Topic.COLOUR, TermQuestions::colour);
        ALL.put(Topic.ORDER, TermQuestions::order);
        ALL.put(Topic.CAUTIONS, new FactQuestions(Topic.CAUTIONS));
        ALL.put(Topic.PURGE, FigureQuestions::purge);
        ALL.put(Topic.FIT_UP, new FactQuestions(Topic.FIT_UP));
        ALL.put(Topic.WIRE, MachineQuestions::wire);
        ALL.put(Topic.BEADS, new FactQuestions(Topic.BEADS));
    }

    private QuestionWriters() {}

    /** A question of a topic; a panel check in a shop without machines or jobs is a question about controls instead. */
    static Question make(long seed, Topic topic, int level, TrainingShop shop) {
        boolean bare = shop.machines().isEmpty() || shop.jobs().isEmpty();
        Topic can = topic == Topic.PANEL_CHECK && bare ? Topic.CONTROLS : topic;
        return Maps.get(ALL, can).make(new SeededRandom(seed), level, shop);
    }
}
