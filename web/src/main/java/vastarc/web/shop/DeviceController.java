package vastarc.web.shop;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.security.Lan;
import vastarc.web.security.Pairing;
import vastarc.web.store.device.DeviceStore;
import vastarc.web.stream.Events;

/** The paired devices: what each may do, and the code for the next one. */
@Controller
class DeviceController {

    private final DeviceStore devices;
    private final Pairing pairing;
    private final Lan lan;
    private final Events events;
    private final Clock clock;

    DeviceController(DeviceStore devices, Pairing pairing, Lan lan, Events events, Clock clock) {
        this.devices = devices;
        this.pairing = pairing;
        this.lan = lan;
        this.events = events;
        this.clock = clock;
    }

    @GetMapping("/shop/devices")
    String page(Model model) {
        model.addAttribute("now", clock.instant());
        model.addAttribute("wrong", pairing.wrong());
        model.addAttribute("open", lan.isOpen());
        model.addAttribute("secure", lan.isSecure());
        model.addAttribute("code", lan.isOpen() ? pairing.code() : "");
        model.addAttribute("addresses", lan.isOpen() ? lan.reachable() : List.of());
        model.addAttribute("devices", devices.all());
        return "shop/devices";
    }

    @PostMapping("/shop/devices/{id}/limit")
    String limit(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean readOnly) {
        devices.limit(id, readOnly);
        return "redirect:/shop/devices";
    }

    /** Out at once: what it is listening to ends as well, and what it is still sending does nothing. */
    @PostMapping("/shop/devices/{id}/away")
    String revoke(@PathVariable UUID id) {
        devices.revoke(id);
        events.closeOf(id);
        return "redirect:/shop/devices";
    }
}
