package vastarc.core.record.weldlog;

import java.util.List;
import vastarc.core.physics.heat.ArcEnergy;

/**
 * Heat put into a millimetre of seam, 0.6 of the arc's energy. Source: the arc's share by the standard for process 141 [standard, verify].
 *
 * @param fromMeans mean volts times mean amperes, kJ/mm: how procedures write it down
 * @param momentary volts times amperes summed moment by moment, kJ/mm: the fairer one for a pulse
 * @param metered   volts were read; the sheet's arc voltage is in where they were not
 */
public record HeatInput(double fromMeans, double momentary, boolean metered) {

    /**
     * Of a seam.
     *
     * @param volts of the sheet, for where none were read
     */
    static HeatInput of(Recording recording, List<RecordedArc> arcs, double seamMm, double volts) {
        Channel voltage = recording.channel(MeasuredQuantity.VOLTAGE);
        boolean metered = !voltage.isEmpty();
        double means = 0;
        double momentary = 0;
        for (RecordedArc arc : arcs) {
            double fair = Math.abs(voltage.mean(arc.fromS(), arc.toS()).orElse(volts));
            means += fair * arc.meanA() * arc.lengthS();
            momentary += metered ? joules(recording.current(), voltage, arc, fair) : fair * arc.meanA() * arc.lengthS();
        }
        return new HeatInput(
                ArcEnergy.of(means, seamMm).heatInputKjPerMm(),
                ArcEnergy.of(momentary, seamMm).heatInputKjPerMm(),
                metered);
    }

    private static double joules(Channel current, Channel voltage, RecordedArc arc, double volts) {
        int first = current.from(arc.fromS());
        int last = current.from(Math.nextUp(arc.toS())) - 1;
        double sum = 0;
        for (int i = first; i <= last; i++) {
            double left = i == first ? arc.fromS() : (current.s(i - 1) + current.s(i)) / 2;
            double right = i == last ? arc.toS() : (current.s(i) + current.s(i + 1)) / 2;
            double read = Math.abs(voltage.lastAt(current.s(i)).orElse(volts));
            sum += current.value(i) * read * Math.max(0, right - left);
        }
        return sum;
    }
}
