package vastarc.web.shop;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.finding.Outcome;
import vastarc.web.kept.shop.Archive;
import vastarc.web.kept.shop.Backup;
import vastarc.web.ui.Preferences;

/** The shop as one file, and back: first told what would change, then taken. */
@Controller
class BackupController {

    private final Backup backup;

    BackupController(Backup backup) {
        this.backup = backup;
    }

    @GetMapping("/shop/backup.zip")
    ResponseEntity<byte[]> export() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shop.zip\"")
                .body(backup.export());
    }

    /** Tells what an archive would change; takes it only where asked to. */
    @PostMapping("/shop/restore")
    ResponseEntity<Map<String, Object>> restore(
            @RequestParam(defaultValue = "false") boolean take,
            HttpServletRequest request,
            @ModelAttribute("preferences") Preferences preferences)
            throws IOException {
        Outcome<Backup.Content> read = backup.read(body(request));
        if (read.value().isEmpty()) {
            return ResponseEntity.unprocessableContent()
                    .body(Map.of(
                            "problem", read.problems().get(0).message(preferences.units()) + " Nothing was changed."));
        }
        List<String> changes = backup.changes(read.value().get());
        if (take) {
            backup.restore(read.value().get());
        }
        return ResponseEntity.ok(Map.of("changes", changes, "taken", take));
    }

    private static byte[] body(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return in.readNBytes(Archive.MAX_PACKED + 1);
        }
    }
}
