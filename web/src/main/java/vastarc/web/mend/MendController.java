package vastarc.web.mend;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.error.NotFound;
import vastarc.web.store.document.Document;
import vastarc.web.store.unreadable.UnreadableDocuments;
import vastarc.web.store.unreadable.UnreadableDocuments.DocumentKind;

/** Shows a document that cannot be read, and takes it back mended. */
@Controller
class MendController {

    private static final int MOST_CHARACTERS = 400_000;

    private final UnreadableDocuments documents;

    MendController(UnreadableDocuments documents) {
        this.documents = documents;
    }

    private static DocumentKind kind(String name) {
        return DocumentKind.named(name).orElseThrow(() -> new NotFound("kind"));
    }

    private Document<?> document(DocumentKind kind, String id) {
        return documents.find(kind, id).orElseThrow(() -> new NotFound("document"));
    }

    @GetMapping("/mend/{kind}/{id}")
    String page(@PathVariable String kind, @PathVariable String id, Model model) {
        Document<?> document = document(kind(kind), id);
        return shown(kind(kind), id, document.text(), document.fault(), model);
    }

    private static String shown(DocumentKind kind, String id, String text, String fault, Model model) {
        model.addAttribute("kind", kind);
        model.addAttribute("id", id);
        model.addAttribute("text", text);
        model.addAttribute("fault", fault);
        return "mend/page";
    }

    /** The document as a file, letter for letter. */
    @GetMapping("/mend/{kind}/{id}.json")
    ResponseEntity<String> file(@PathVariable String kind, @PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"" + kind(kind).address() + ".json\"")
                .body(document(kind(kind), id).text());
    }

    /** Takes a mended text where it can be read; shows it again, with what is wrong, where it cannot. */
    @PostMapping("/mend/{kind}/{id}")
    String mend(@PathVariable String kind, @PathVariable String id, @RequestParam String text, Model model) {
        DocumentKind what = kind(kind);
        document(what, id);
        String fault = text.length() > MOST_CHARACTERS
                ? "It is longer than " + MOST_CHARACTERS + " characters."
                : documents.mend(what, id, text);
        return fault.isEmpty() ? "redirect:" + after(what, id) : shown(what, id, text, fault, model);
    }

    private static String after(DocumentKind kind, String id) {
        return switch (kind) {
            case JOB -> "/jobs/" + id + "/sheet";
            case MACHINE -> "/machines/" + id;
            case SHOP -> "/shop";
            case STANDS, ANSWERS -> "/jobs/" + id + "/panel";
        };
    }
}
