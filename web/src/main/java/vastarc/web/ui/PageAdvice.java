package vastarc.web.ui;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Gives every page the reader's preferences. */
@ControllerAdvice(annotations = Controller.class)
class PageAdvice {

    @ModelAttribute("preferences")
    Preferences preferences(HttpServletRequest request) {
        return Preferences.of(request);
    }
}
