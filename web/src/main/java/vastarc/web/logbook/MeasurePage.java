package vastarc.web.logbook;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.material.Material;
import vastarc.web.format.CoreJson;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.logbook.Logbook.OpenedRun;
import vastarc.web.store.run.KeptMeasure;
import vastarc.web.store.run.Photograph;

/**
 * A photograph to be measured.
 *
 * @param run      id of its run
 * @param job      id of the run's job; empty where it is gone
 * @param name     of the job
 * @param when     it was welded, and what
 * @param photo    id of the photograph
 * @param label    what it shows
 * @param width    pixels
 * @param height   pixels
 * @param material API name of the metal; empty where it is not known
 * @param kept     what was measured before
 * @param asked    what was asked then, as JSON of the measuring call; empty where nothing was
 * @param inches   the shop measures in inches
 */
public record MeasurePage(
        String run,
        String job,
        String name,
        String when,
        String photo,
        String label,
        int width,
        int height,
        String material,
        List<FigureLine> kept,
        String asked,
        boolean inches) {

    static MeasurePage of(OpenedRun opened, Photograph photo, String job, UnitSystem units) {
        RunLine line = RunLine.of(opened.run(), units);
        return new MeasurePage(
                opened.run().id().toString(),
                job,
                line.job(),
                line.when() + " · " + line.joint(),
                photo.id().toString(),
                photo.kind().label(),
                photo.width(),
                photo.height(),
                material(opened).map(Material::name).orElse(""),
                photo.measure().map(measure -> MeasureWords.of(measure, units)).orElse(List.of()),
                photo.measure()
                        .map(KeptMeasure::asked)
                        .map(asked -> CoreJson.kept().writeValueAsString(asked))
                        .orElse(""),
                units == UnitSystem.INCH);
    }

    static Optional<Material> material(OpenedRun opened) {
        String name = opened.run().head().welded().material();
        return Arrays.stream(Material.values())
                .filter(material -> material.name().equals(name))
                .findFirst();
    }

    /** The width the sheet of the run expected, mm. */
    static OptionalDouble planned(OpenedRun opened) {
        return opened.sheet().stream()
                .flatMap(sheet -> sheet.settings().stream())
                .filter(parameter -> parameter.key() == ParameterKey.POOL_WIDTH && !parameter.idle())
                .filter(parameter -> parameter.window().isPresent())
                .mapToDouble(parameter -> parameter.value())
                .findFirst();
    }

    static String say(String key, Object... arguments) {
        return Phrasebook.say(Phrase.of(key, arguments), UnitSystem.METRIC);
    }
}
