package vastarc.web.shop;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.layout.Labels;
import vastarc.web.layout.Preferences;
import vastarc.web.meter.ArrivalBoard;
import vastarc.web.meter.MeterTraffic;
import vastarc.web.meter.MqttLink;
import vastarc.web.meter.MqttState;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.store.run.MeterKeys.Meter;
import vastarc.web.stream.Events;
import vastarc.web.stream.Events.EventMessage;

/** The meters that may read along, their keys, and what arrives from them. */
@Controller
class MeterController {

    private final MeterKeys keys;
    private final ArrivalBoard board;
    private final MqttLink mqtt;
    private final Events events;

    MeterController(MeterKeys keys, ArrivalBoard board, MqttLink mqtt, Events events) {
        this.keys = keys;
        this.board = board;
        this.mqtt = mqtt;
        this.events = events;
    }

    /**
     * What the page shows.
     *
     * @param meters those with a key
     * @param broker how it is with the broker
     * @param arrivals what has come since the program started
     */
    record MeterPage(List<Meter> meters, MqttState broker, List<Arrival> arrivals) {}

    /**
     * What has come from one sender one way.
     *
     * @param name name it gave
     * @param way how it came
     * @param at when the last message came
     * @param messages taken in
     * @param readings in them
     * @param last reading of each quantity, with its unit
     * @param trouble why the last message was left out; empty where it was not
     */
    record Arrival(
            String name, String way, Instant at, long messages, long readings, String last, Optional<String> trouble) {

        static Arrival of(MeterTraffic traffic, UnitSystem units) {
            return new Arrival(
                    traffic.meter(),
                    traffic.way().name(),
                    traffic.at(),
                    traffic.messages(),
                    traffic.readings(),
                    Labels.of(traffic.last().entrySet().stream()
                            .map(entry -> said(entry.getKey(), entry.getValue(), units))
                            .collect(Collectors.joining(" · "))),
                    traffic.trouble());
        }

        private static String said(MeasuredQuantity quantity, double value, UnitSystem units) {
            return Phrasebook.say(Phrase.of(quantity.words() + ".value", Quantity.of(value, quantity.unit())), units);
        }
    }

    @GetMapping("/shop/meters")
    String page(Model model, @ModelAttribute("preferences") Preferences preferences) {
        return page(model, preferences.units(), "shop/meters");
    }

    /** The part of the page that changes as readings come. */
    @GetMapping("/shop/meters/arrivals")
    String arrivals(Model model, @ModelAttribute("preferences") Preferences preferences) {
        return page(model, preferences.units(), "shop/arrivals :: arrivals");
    }

    /** Tells that something has arrived, or that the broker has come or gone. */
    @GetMapping(path = "/shop/meters/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> changes() {
        ArrivalEar ear = new ArrivalEar();
        return events.open(ear::message, () -> {})
                .map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    /** What one page has heard. */
    private final class ArrivalEar {
        private String heard = "";

        EventMessage message() {
            String now = board.changes() + " " + mqtt.state().phase();
            boolean changed = !now.equals(heard);
            heard = now;
            return new EventMessage(changed ? Optional.of(now) : Optional.empty(), false);
        }
    }

    private String page(Model model, UnitSystem units, String template) {
        model.addAttribute(
                "page",
                new MeterPage(
                        keys.all(),
                        mqtt.state(),
                        board.all().stream()
                                .map(traffic -> Arrival.of(traffic, units))
                                .toList()));
        return template;
    }

    /** Makes a key and shows it once: it is not kept. */
    @PostMapping("/shop/meters")
    String make(
            @RequestParam(defaultValue = "") String name,
            Model model,
            @ModelAttribute("preferences") Preferences preferences) {
        var key = keys.make(name);
        model.addAttribute("made", name.strip());
        model.addAttribute("key", key.orElse(""));
        model.addAttribute(
                "wrong",
                key.isPresent()
                        ? ""
                        : "This is no name, or there is a meter of that name. Use letters, figures, blanks, dots and dashes, up to 60; at most "
                                + MeterKeys.MOST + " meters.");
        return page(model, preferences.units(), "shop/meters");
    }

    @PostMapping("/shop/meters/{id}/away")
    String revoke(@PathVariable UUID id) {
        keys.revoke(id);
        return "redirect:/shop/meters";
    }
}
