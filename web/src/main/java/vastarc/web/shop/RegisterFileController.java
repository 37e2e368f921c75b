package vastarc.web.shop;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.error.NotFound;
import vastarc.web.store.register.CertificateFile;
import vastarc.web.store.register.RegisterFiles;
import vastarc.web.store.register.RegisterKind;

/** The certificate or scan of a paper: handed in, taken out, deleted. */
@Controller
class RegisterFileController {

    private static final String FILE = RegisterPage.PATH + "/file";

    private final RegisterFiles files;
    private final RegisterPages pages;

    RegisterFileController(RegisterFiles files, RegisterPages pages) {
        this.files = files;
        this.pages = pages;
    }

    private RegisterKind<?> kind(String register) {
        return pages.page(register).register().kind();
    }

    /** Keeps the body as the file of a paper; what cannot be kept is said, and the file before stays. */
    @PostMapping(path = FILE, produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> put(
            @PathVariable String register,
            @RequestParam String number,
            @RequestParam(defaultValue = "") String name,
            HttpServletRequest request)
            throws IOException {
        try (InputStream in = request.getInputStream()) {
            Outcome<CertificateFile> kept = CertificateFile.of(name, in.readNBytes(CertificateFile.MOST_BYTES + 1))
                    .then(file -> files.put(kind(register), number, file));
            return kept.value()
                    .map(file -> ResponseEntity.ok(""))
                    .orElseGet(() -> ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                            .body(kept.problems().get(0).message(UnitSystem.METRIC)));
        }
    }

    /** Always as a file to be saved: what somebody handed in is not shown as a page of this program. */
    @GetMapping(FILE)
    ResponseEntity<byte[]> get(@PathVariable String register, @RequestParam String number) {
        CertificateFile file = files.find(kind(register), number).orElseThrow(() -> new NotFound("file"));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(file.mediaType()))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file.content());
    }

    @PostMapping(FILE + "/delete")
    String delete(@PathVariable String register, @RequestParam String number) {
        files.delete(kind(register), number);
        return "redirect:/shop/" + register;
    }
}
