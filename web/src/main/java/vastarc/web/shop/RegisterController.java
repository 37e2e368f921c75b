package vastarc.web.shop;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.web.error.NotFound;
import vastarc.web.shop.FormField.FieldKind;
import vastarc.web.shop.RegisterPage.OpenedForm;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;

/** The shop's registers: papers written down as the shop has them, changed, deleted. */
@Controller
class RegisterController {

    private static final String PAGE = "shop/register";
    private static final String PATH = "/shop/{register:procedures|welders|batches}";

    private final Map<String, RegisterPage<?>> pages;

    RegisterController(
            Register<WeldProcedure> procedures,
            Register<WelderQualification> welders,
            Register<MaterialBatch> batches) {
        this.pages = Map.of(
                "procedures",
                new RegisterPage<>(
                        procedures,
                        "qualifiedBy",
                        fields(
                                FormField.of(FieldKind.TEXT, "number", "qualifiedBy"),
                                FormField.of(FieldKind.DAY, "from", "until"),
                                FormField.of(FieldKind.LIST, "materials", "joints", "positions"),
                                FormField.of(
                                        FieldKind.RANGE,
                                        "thicknessMm",
                                        "tubeOdMm",
                                        "currentA",
                                        "heatInputKjPerMm",
                                        "preheatC",
                                        "interpassC"),
                                FormField.of(FieldKind.WORDS, "fillers"),
                                FormField.of(FieldKind.EITHER, "purged"))),
                "welders",
                new RegisterPage<>(
                        welders,
                        "welder",
                        fields(
                                FormField.of(FieldKind.TEXT, "number", "welder", "examinedBy"),
                                FormField.of(FieldKind.DAY, "from", "until"),
                                FormField.of(FieldKind.LIST, "materials", "joints", "positions"),
                                FormField.of(FieldKind.RANGE, "thicknessMm", "tubeOdMm"))),
                "batches",
                new RegisterPage<>(
                        batches,
                        "what",
                        fields(
                                FormField.of(FieldKind.TEXT, "number", "what", "certificate"),
                                FormField.of(FieldKind.CHOICE, "kind"),
                                FormField.of(FieldKind.DAY, "from", "until"))));
    }

    @SafeVarargs
    private static List<FormField> fields(List<FormField>... parts) {
        return Stream.of(parts).flatMap(List::stream).toList();
    }

    private RegisterPage<?> page(String register) {
        return Optional.ofNullable(pages.get(register)).orElseThrow(() -> new NotFound("register"));
    }

    @GetMapping(PATH)
    String page(@PathVariable String register, @RequestParam(defaultValue = "") String number, Model model) {
        show(register, page(register).form(number), model);
        return PAGE;
    }

    private void show(String register, OpenedForm opened, Model model) {
        model.addAttribute("register", register);
        model.addAttribute("form", opened.form());
        model.addAttribute("version", opened.version());
        model.addAttribute("lines", page(register).lines());
    }

    /** Keeps a paper; as long as something does not fit, nothing is kept, and all typed stays. */
    @PostMapping(PATH)
    ModelAndView keep(@PathVariable String register, @RequestParam MultiValueMap<String, String> sent, Model model) {
        long seen = JobStore.seen(sent.getFirst("version")).orElse(RegisterPage.NEW);
        List<Problem> problems = page(register).keep(sent, seen);
        if (problems.isEmpty()) {
            return new ModelAndView("redirect:/shop/" + register);
        }
        show(register, new OpenedForm(RegisterForm.of(page(register).fields(), sent, problems), seen), model);
        return new ModelAndView(PAGE, model.asMap(), HttpStatus.BAD_REQUEST);
    }

    @PostMapping(PATH + "/delete")
    String delete(@PathVariable String register, @RequestParam String number) {
        page(register).register().delete(number);
        return "redirect:/shop/" + register;
    }
}
