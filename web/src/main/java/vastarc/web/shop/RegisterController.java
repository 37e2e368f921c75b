package vastarc.web.shop;

import java.util.List;
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
import vastarc.web.shop.RegisterPage.OpenedForm;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.RegisterFiles;

/** The shop's registers: papers written down as the shop has them, changed, deleted. */
@Controller
class RegisterController {

    private static final String PAGE = "shop/register";
    private static final String PATH = RegisterPage.PATH;

    private final RegisterPages pages;
    private final RegisterFiles files;

    RegisterController(RegisterPages pages, RegisterFiles files) {
        this.pages = pages;
        this.files = files;
    }

    @GetMapping(PATH)
    String page(@PathVariable String register, @RequestParam(defaultValue = "") String number, Model model) {
        show(register, pages.page(register).form(number), model);
        return PAGE;
    }

    private void show(String register, OpenedForm opened, Model model) {
        model.addAttribute("register", register);
        model.addAttribute("form", opened.form());
        model.addAttribute("version", opened.version());
        model.addAttribute("lines", pages.page(register).lines(files));
    }

    /** Keeps a paper; as long as something does not fit, nothing is kept, and all typed stays. */
    @PostMapping(PATH)
    ModelAndView keep(@PathVariable String register, @RequestParam MultiValueMap<String, String> sent, Model model) {
        long seen = JobStore.seen(sent.getFirst("version")).orElse(RegisterPage.NEW);
        List<Problem> problems = pages.page(register).keep(sent, seen);
        if (problems.isEmpty()) {
            return new ModelAndView("redirect:/shop/" + register);
        }
        show(register, new OpenedForm(RegisterForm.of(pages.page(register).fields(), sent, problems), seen), model);
        return new ModelAndView(PAGE, model.asMap(), HttpStatus.BAD_REQUEST);
    }

    @PostMapping(PATH + "/delete")
    String delete(@PathVariable String register, @RequestParam String number) {
        pages.page(register).register().delete(number);
        return "redirect:/shop/" + register;
    }
}
