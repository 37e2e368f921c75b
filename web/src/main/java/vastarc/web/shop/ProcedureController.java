package vastarc.web.shop;

import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.procedure.KeptProcedure;
import vastarc.web.store.procedure.ProcedureStore;
import vastarc.web.store.procedure.ProcedureStore.PutResult;
import vastarc.web.store.procedure.ProcedureStore.PutState;

/** The shop's qualified procedures: written down as its papers have them, changed, deleted. */
@Controller
class ProcedureController {

    private static final String PAGE = "shop/procedures";

    /** In place of the version seen: no procedure of this number was. */
    private static final long NEW = -1;

    private final ProcedureStore procedures;

    ProcedureController(ProcedureStore procedures) {
        this.procedures = procedures;
    }

    /**
     * A procedure of the list.
     *
     * @param number its number
     * @param by     who decided on it
     * @param days   from when until when it holds
     * @param fault  why it cannot be read; empty where it can
     */
    public record ProcedureLine(String number, String by, String days, String fault) {

        static ProcedureLine of(KeptProcedure kept) {
            Optional<WeldProcedure> procedure = kept.content().value();
            return new ProcedureLine(
                    kept.number(),
                    procedure.map(WeldProcedure::qualifiedBy).orElse(""),
                    procedure.map(ProcedureLine::days).orElse(""),
                    kept.content().isReadable() ? "" : kept.content().fault());
        }

        private static String days(WeldProcedure procedure) {
            String from = procedure.from().orElse("");
            return procedure.until().map(until -> from + " to " + until).orElse(from);
        }
    }

    @GetMapping("/shop/procedures")
    String page(@RequestParam(defaultValue = "") String number, Model model) {
        Optional<KeptProcedure> kept = procedures.find(number);
        show(
                kept.flatMap(found -> found.content().value())
                        .map(ProcedureForm::of)
                        .orElseGet(ProcedureForm::empty),
                kept.map(KeptProcedure::version).orElse(NEW),
                model);
        return PAGE;
    }

    private void show(ProcedureForm form, long version, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("version", version);
        model.addAttribute(
                "lines", procedures.all().stream().map(ProcedureLine::of).toList());
    }

    /** Keeps a procedure; as long as something does not fit, nothing is kept, and all typed stays. */
    @PostMapping("/shop/procedures")
    ModelAndView keep(@RequestParam MultiValueMap<String, String> sent, Model model) {
        Outcome<WeldProcedure> read = ProcedureForm.read(sent);
        long seen = JobStore.seen(sent.getFirst("version")).orElse(NEW);
        List<Problem> problems =
                read.value().map(procedure -> kept(procedure, seen)).orElse(read.problems());
        if (problems.isEmpty()) {
            return new ModelAndView("redirect:/shop/procedures");
        }
        show(ProcedureForm.of(sent, problems), seen, model);
        return new ModelAndView(PAGE, model.asMap(), HttpStatus.BAD_REQUEST);
    }

    private List<Problem> kept(WeldProcedure procedure, long seen) {
        PutResult put = procedures.put(procedure, kept -> kept.version() == seen);
        return put.state() == PutState.FULL
                ? List.of(Problem.badValue("number", "procedure.full", ProcedureStore.MOST))
                : put.state() == PutState.STALE
                        ? List.of(Problem.badValue("number", "procedure.taken", procedure.number()))
                        : List.of();
    }

    @PostMapping("/shop/procedures/delete")
    String delete(@RequestParam String number) {
        procedures.delete(number);
        return "redirect:/shop/procedures";
    }
}
