package vastarc.core.training;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A question as data.
 *
 * @param id      of this very question: topic and the fact it asks for
 * @param topic   what it drills
 * @param level   1 for a beginner to 3 for a welder
 * @param prompt  what is asked
 * @param picture what is shown with it; empty for none
 * @param choices to choose from; empty where a figure is typed or places are tapped
 * @param answer  what is right
 * @param why     it is right
 */
public record Question(
        String id,
        Topic topic,
        int level,
        String prompt,
        Optional<Picture> picture,
        List<Choice> choices,
        CorrectAnswer answer,
        String why) {

    /** Copies its collections, so that it cannot change. */
    public Question {
        choices = List.copyOf(choices);
    }

    /** A choice, and why it is right or wrong. */
    public record Choice(String text, String why) {}

    /**
     * What is shown.
     *
     * @param kind    of picture
     * @param figures that draw it, by name
     * @param words   that draw it, by name
     */
    public record Picture(Kind kind, Map<String, Double> figures, Map<String, String> words) {

        /** Kinds of picture. */
        public enum Kind {
            /** A machine's panel with settings to be checked: {@code machine} by name, controls by id. */
            FRONT,
            /** A dial without figures: {@code low}, {@code high}, {@code ticks}, {@code pointer}. */
            DIAL,
            /** A welding position by its letters. */
            POSITION,
            /** A sign of the reading place by its id. */
            SIGN,
            /** A weld in time by the corners of its envelope, {@code t0 a0 t1 a1 …}; {@code choice0 …} name the sign of each choice. */
            SCORE,
            /** A weld as it was simulated, from both sides, by its number: {@code bead}. */
            BEAD
        }
    }

    /**
     * What is right: one of the choices, a figure within bounds, or the controls that are set wrong.
     *
     * @param choice place among the choices
     * @param figure typed
     * @param faults ids of controls; empty where the panel is rightly set
     */
    public record CorrectAnswer(OptionalInt choice, Optional<Figure> figure, Optional<List<String>> faults) {

        static CorrectAnswer choice(int place) {
            return new CorrectAnswer(OptionalInt.of(place), Optional.empty(), Optional.empty());
        }

        static CorrectAnswer figure(double value, double low, double high, String unit) {
            return new CorrectAnswer(
                    OptionalInt.empty(), Optional.of(new Figure(value, low, high, unit)), Optional.empty());
        }

        static CorrectAnswer faults(List<String> ids) {
            return new CorrectAnswer(OptionalInt.empty(), Optional.empty(), Optional.of(List.copyOf(ids)));
        }
    }

    /** A figure that is right within bounds. */
    public record Figure(double value, double low, double high, String unit) {

        /**
         * {@return whether a typed figure lies inside the accepted bounds}
         *
         * @param typed the figure as typed
         */
        public boolean holds(double typed) {
            return typed >= low && typed <= high;
        }
    }
}
