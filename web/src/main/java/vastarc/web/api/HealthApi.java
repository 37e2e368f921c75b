package vastarc.web.api;

import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says that the program answers, and nothing of the shop. */
@RestController
class HealthApi {

    @GetMapping("/health")
    Map<String, String> health() {
        return Map.of("status", "up");
    }
}
