package vastarc.core.record.procedure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.PassKind;
import vastarc.core.advice.parameters.Range;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Caution;

/**
 * A job's sheet under the headings that a welding procedure specification has (ISO 15609-1): preliminary, qualified by nobody.
 *
 * @param sections what holds for the whole weld, heading by heading
 * @param passes   what is set for each pass, in order
 * @param cautions of the sheet
 */
public record ProcedureSheet(List<ProcedureSection> sections, List<ProcedurePass> passes, List<Caution> cautions) {

    /** Copies its lists, so that it cannot change. */
    public ProcedureSheet {
        sections = List.copyOf(sections);
        passes = List.copyOf(passes);
        cautions = List.copyOf(cautions);
    }

    /** What a section is about; its words: {@code procedureSheet.heading.<name>}. */
    public enum ProcedureHeading {
        /** The joint and its preparation. */
        JOINT("joint"),
        /** The metals that are joined. */
        BASE_METALS("baseMetals"),
        /** The filler metal. */
        FILLER("filler"),
        /** Where the weld lies. */
        POSITION("position"),
        /** Preheat and interpass temperature. */
        PREHEAT("preheat"),
        /** Shielding and backing gas. */
        GAS("gas"),
        /** The tungsten. */
        ELECTRODE("electrode"),
        /** Current, polarity and pulse. */
        ELECTRICAL("electrical"),
        /** How it is welded. */
        TECHNIQUE("technique");

        private final String apiName;

        ProcedureHeading(String apiName) {
            this.apiName = apiName;
        }

        /** {@return its name in documents} */
        public String apiName() {
            return apiName;
        }

        /** {@return its words} */
        public Phrase words() {
            return Phrase.of("procedureSheet.heading." + name());
        }
    }

    /**
     * A section.
     *
     * @param heading what it is about
     * @param lines   in order
     */
    public record ProcedureSection(ProcedureHeading heading, List<ProcedureLine> lines) {

        /** Copies its list, so that it cannot change. */
        public ProcedureSection {
            lines = List.copyOf(lines);
        }
    }

    /**
     * A line of a section.
     *
     * @param field its name in documents, with its unit; its words: {@code procedureSheet.line.<field>}
     * @param value what it says
     */
    public record ProcedureLine(String field, LineValue value) {

        /** {@return its words} */
        public Phrase words() {
            return Phrase.of("procedureSheet.line." + field);
        }
    }

    /** What a line says. */
    public sealed interface LineValue {}

    /**
     * A measure.
     *
     * @param value in the unit
     * @param range in which it may lie; empty where one value is meant
     * @param unit  the unit
     */
    public record MeasureValue(double value, Optional<Range> range, Unit unit) implements LineValue {}

    /**
     * One of several.
     *
     * @param apiName its name in documents
     * @param words   its words
     */
    public record NamedValue(String apiName, Phrase words) implements LineValue {}

    /**
     * A pass. {@code heatInputKjPerMm} is 0.6 V I / v.
     *
     * @param number         from 1
     * @param kind           what it is for
     * @param currentA       A
     * @param currentRange   in which it may lie
     * @param voltageV       of the arc at this current, V; empty where the sheet does not tell it
     * @param travelMmPerMin mm/min
     * @param wireMm         filler rod, mm; 0 without
     * @param heatInputKjPerMm heat input by EN 1011-1, kJ/mm
     */
    public record ProcedurePass(
            int number,
            PassKind kind,
            double currentA,
            Range currentRange,
            OptionalDouble voltageV,
            double travelMmPerMin,
            double wireMm,
            double heatInputKjPerMm) {}
}
