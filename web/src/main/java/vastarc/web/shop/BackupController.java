package vastarc.web.shop;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.store.archive.ArchiveBusy;
import vastarc.web.store.archive.ArchiveRefused;
import vastarc.web.store.archive.Backup;

/** The shop as one file, and back: first what would change is shown, then it is restored. */
@Controller
class BackupController {

    private final Backup backup;

    BackupController(Backup backup) {
        this.backup = backup;
    }

    @GetMapping("/shop/backup.zip")
    void export(HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shop.zip\"");
        backup.export(response.getOutputStream());
    }

    /** Tells what an archive would change; takes it only where asked to. */
    @PostMapping("/shop/restore")
    ResponseEntity<Map<String, Object>> restore(
            @RequestParam(defaultValue = "false") boolean take, HttpServletRequest request) throws IOException {
        Path packed = Files.createTempFile("vastarc-archive", ".zip");
        try {
            if (!spooled(request, packed)) {
                return answer(
                        HttpStatus.CONTENT_TOO_LARGE,
                        "This backup cannot be restored: it is larger than " + Backup.MAX_PACKED / 1024 / 1024
                                + " MB.");
            }
            List<String> changes = take ? backup.take(packed) : backup.changes(packed);
            return ResponseEntity.ok()
                    .contentType(MediaType.APPLICATION_JSON)
                    .body(Map.of("changes", changes, "taken", take));
        } finally {
            Files.deleteIfExists(packed);
        }
    }

    private static boolean spooled(HttpServletRequest request, Path file) throws IOException {
        try (InputStream in = request.getInputStream();
                OutputStream out = Files.newOutputStream(file)) {
            byte[] some = new byte[64 * 1024];
            long accepted = 0;
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                accepted += read;
                if (accepted > Backup.MAX_PACKED) {
                    return false;
                }
                out.write(some, 0, read);
            }
            return true;
        }
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> refused(ArchiveRefused fault) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, Objects.requireNonNull(fault.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<Map<String, Object>> busy(ArchiveBusy fault) {
        return answer(HttpStatus.CONFLICT, Objects.requireNonNull(fault.getMessage()));
    }

    private static ResponseEntity<Map<String, Object>> answer(HttpStatus status, String why) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of("problem", why + " Nothing was changed."));
    }
}
