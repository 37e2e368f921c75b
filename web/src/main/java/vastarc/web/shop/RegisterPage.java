package vastarc.web.shop;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.store.register.Register;
import vastarc.web.store.register.Register.PutResult;
import vastarc.web.store.register.Register.PutState;
import vastarc.web.store.register.RegisterFiles;
import vastarc.web.store.register.RegisterPaper;

/**
 * A register on its page.
 *
 * @param <T>      what a paper holds
 * @param register the papers
 * @param who      field of the name that is listed beside the number
 * @param fields   of the form
 */
record RegisterPage<T>(Register<T> register, String who, List<FormField> fields) {

    /** In place of the version seen: no paper of this number was. */
    static final long NEW = -1;

    /** Where the registers are. */
    static final String PATH = "/shop/{register:procedures|welders|batches|instruments}";

    private static final String NUMBER = "number";

    /**
     * A paper of the list.
     *
     * @param number its number
     * @param who    a name that goes with it
     * @param from   first day it holds; empty where not said
     * @param until  last day, likewise
     * @param file   name of its certificate or scan; empty where it has none
     * @param fault  why it cannot be read; empty where it can
     */
    public record PaperLine(String number, String who, String from, String until, String file, String fault) {}

    /** A form with the version it was opened at. */
    record OpenedForm(RegisterForm form, long version) {}

    List<PaperLine> lines(RegisterFiles files) {
        Map<String, String> named = files.names(register.kind());
        return register.all().stream()
                .map(kept -> line(kept, named.getOrDefault(kept.number(), "")))
                .toList();
    }

    private PaperLine line(RegisterPaper<T> kept, String file) {
        Optional<ObjectNode> json = json(kept);
        return new PaperLine(
                kept.number(),
                text(json, who),
                text(json, "from"),
                text(json, "until"),
                file,
                kept.content().isReadable() ? "" : kept.content().fault());
    }

    /** What a paper says beside its number; empty where it cannot be read, or is gone. */
    String said(String number) {
        return register.find(number).map(kept -> text(json(kept), who)).orElse("");
    }

    private Optional<ObjectNode> json(RegisterPaper<T> kept) {
        return kept.content().value().map(register.kind().write());
    }

    private static String text(Optional<ObjectNode> json, String name) {
        return json.map(paper -> paper.path(name).asString("")).orElse("");
    }

    /** The form of a paper; an empty one where there is none of the number. */
    OpenedForm form(String number) {
        Optional<RegisterPaper<T>> kept = register.find(number);
        return new OpenedForm(
                kept.flatMap(this::json)
                        .map(json -> RegisterForm.of(fields, json))
                        .orElseGet(() -> RegisterForm.empty(fields)),
                kept.map(RegisterPaper::version).orElse(NEW));
    }

    /** Keeps what was sent; {@return what does not fit, in which case nothing is kept} */
    List<Problem> keep(MultiValueMap<String, String> sent, long seen) {
        Outcome<T> read = register.kind().read().apply(RegisterForm.json(fields, sent));
        return read.value().map(paper -> kept(paper, seen)).orElse(read.problems());
    }

    private List<Problem> kept(T paper, long seen) {
        PutResult<T> put = register.put(paper, kept -> kept.version() == seen);
        return Stream.of(put.state())
                .flatMap(state -> state == PutState.FULL
                        ? Stream.of(Problem.badValue(
                                NUMBER, "register.full", register.kind().most()))
                        : state == PutState.STALE
                                ? Stream.of(Problem.badValue(
                                        NUMBER,
                                        "register.taken",
                                        register.kind().number().apply(paper)))
                                : Stream.empty())
                .toList();
    }
}
