package vastarc.web.machines;

import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.CurrentMeter;
import vastarc.core.equipment.DialReading;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.equipment.SimulatedSource;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Preferences;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;

/** Stores what meters say of dials, and what is in memory. */
@Controller
class DialController {

    private static final double MOST_A = 1000;
    private static final int MOST_BANDS = 40;

    /** Readings kept of one machine: more say nothing more. */
    private static final int MOST_READINGS = 500;

    private final MachineStore store;
    private final MachinePages shown;

    DialController(MachineStore store, MachinePages shown) {
        this.store = store;
        this.shown = shown;
    }

    /** Stores what a meter said, typed or read off the simulated one. */
    @PostMapping("/machines/{id}/readings")
    Object read(
            @PathVariable UUID id,
            @RequestParam String element,
            @RequestParam(defaultValue = "0") String band,
            @RequestParam String mark,
            @RequestParam(defaultValue = "") String amps,
            @RequestParam(defaultValue = "false") boolean simulated,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Machine machine = shown.machine(id);
        PanelElement dial = machine.profile().element(element).orElseThrow(() -> new NotFound("dial"));
        int marks = dial.scale()
                .map(scale -> scale.ticks() > 0 ? scale.ticks() : 10)
                .orElse(10);
        double place = number(mark, "") / marks;
        double range = number(band, "");
        boolean there = place >= 0 && place <= 1 && range >= 0 && range <= MOST_BANDS;
        double current = !there ? Double.NaN : simulated ? simulated(machine, (int) range, place) : number(amps, "A");
        boolean usable = there && current >= 0.1 && current <= MOST_A;
        if (!usable) {
            return refused(Problem.badValue("reading", "reading", mark + " · " + amps, marks), preferences);
        }
        if (store.readings(id).size() >= MOST_READINGS) {
            return refused(Problem.badValue("reading", "tooManyReadings", MOST_READINGS), preferences);
        }
        store.read(id, element, (int) range, new DialReading(place, current), simulated);
        shown.show(machine, preferences.units(), model);
        return "machines/workspace :: workspace";
    }

    private static ResponseEntity<String> refused(Problem problem, Preferences preferences) {
        return ResponseEntity.unprocessableContent()
                .contentType(MediaType.TEXT_PLAIN)
                .body(problem.message(preferences.units()));
    }

    /** The simulated double of this machine, in the band it is switched to. */
    private double simulated(Machine machine, int band, double place) {
        int count = store.readings(machine.id()).size();
        Optional<SwitchStop> stop = machine.profile()
                .control(PanelSetting.RANGE)
                .filter(range -> band < range.stops().size())
                .map(range -> range.stops().get(band));
        SimulatedSource source = stop.map(found -> new SimulatedSource(
                        found.low().orElse(machine.profile().minA()),
                        found.high().orElse(machine.profile().maxA()),
                        machine.id().getMostSignificantBits()))
                .orElseGet(machine::simulated);
        CurrentMeter meter = source.meterAt(place, count);
        return meter.read().amps();
    }

    @PostMapping("/machines/{id}/readings/{reading}/forget")
    String forget(
            @PathVariable UUID id,
            @PathVariable long reading,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        store.forget(shown.machine(id).id(), reading);
        shown.show(shown.machine(id), preferences.units(), model);
        return "machines/workspace :: workspace";
    }

    @PostMapping("/machines/{id}/slots/{slot}/clear")
    String clear(
            @PathVariable UUID id,
            @PathVariable int slot,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        store.clear(shown.machine(id).id(), slot);
        shown.show(shown.machine(id), preferences.units(), model);
        return "machines/workspace :: workspace";
    }

    private static double number(String text, String unit) {
        return NumberReader.read(text, unit).orElse(Double.NaN);
    }
}
