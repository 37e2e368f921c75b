package vastarc.web.layout;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import vastarc.core.base.text.Phrasebook;
import vastarc.web.store.disk.Disk;

/** Gives every page the reader's preferences, and whether the disk has room. */
@ControllerAdvice(annotations = Controller.class)
class PageAdvice {

    private final Disk disk;

    PageAdvice(Disk disk) {
        this.disk = disk;
    }

    /** What a page says where nothing more can be kept; empty where it can. */
    @ModelAttribute("diskNotice")
    String diskNotice() {
        return disk.isFull()
                ? "The disk that holds the shop is full (" + disk.freeMb() + " MB left, " + Disk.LEAST_MB
                        + " wanted): everything can be read, nothing can be kept. Make room; it goes on by itself."
                : "";
    }

    /** The rooms of a job, for the bar. */
    @ModelAttribute("jobSteps")
    List<JobTab> jobSteps() {
        return List.of(JobTab.values());
    }

    @ModelAttribute("preferences")
    Preferences preferences(HttpServletRequest request) {
        return Preferences.of(request);
    }

    /** The place a page belongs to, marked in its header: the first part of its address. */
    @ModelAttribute("place")
    String place(HttpServletRequest request) {
        String[] path = request.getRequestURI().split("/");
        return path.length < 2 ? "bench" : path[1];
    }

    /** What the page is for; shown under {@code ?}. */
    @ModelAttribute("about")
    String about(HttpServletRequest request) {
        String[] path = request.getRequestURI().split("/");
        String page = place(request).equals("jobs") && path.length > 3 ? path[3] : place(request);
        return Phrasebook.find("about." + page).orElse("");
    }
}
