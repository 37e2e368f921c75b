package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.core.input.WeldFields;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;

/** A job open on one device while another changes it: the change is there without asking, and nothing typed is lost. */
class TwoDevicesIT extends Journeys {

    @Autowired
    private JobStore jobs;

    private UUID job() {
        Matcher id = Pattern.compile("/jobs/([0-9a-f-]{36})/")
                .matcher(browser.driver().getCurrentUrl());
        assertThat(id.find()).isTrue();
        return UUID.fromString(id.group(1));
    }

    private String thickness() {
        return (String)
                browser.driver().executeScript("return document.getElementsByName(arguments[0])[0].value", BASE);
    }

    private void elsewhere(UUID job, String thickness) {
        jobs.edit(job, OptionalLong.empty(), one -> thick(one.content(), thickness));
    }

    private static JobContent thick(JobContent content, String thickness) {
        return content.with(content.joint().with(WeldFields.BASE, Optional.of(thickness)));
    }

    @Test
    void aChangeOnAnotherDeviceShowsHereAndTypingHereIsKept() {
        newJob();
        UUID job = job();
        String before = browser.text("#workingCurrent .value");
        elsewhere(job, "3 mm");
        browser.waitFor("the other device's thickness", () -> "3 mm".equals(thickness()));
        assertThat(browser.text("#workingCurrent .value")).isNotEqualTo(before);

        browser.keep(() -> {
            browser.retype("job-name", "Typed here");
            browser.press(Keys.TAB);
        });
        elsewhere(job, "1.5 mm");
        browser.waitFor("the next one", () -> "1.5 mm".equals(thickness()));
        assertThat(browser.field("job-name").getDomProperty("value")).isEqualTo("Typed here");
        assertThat(jobs.find(job).orElseThrow().name()).isEqualTo("Typed here");
    }
}
