package vastarc.web.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import org.junit.jupiter.api.Test;
import vastarc.core.simulation.Exhibit;

/**
 * Takes the pictures of beads that the drill asks about: {@code 0.png} as it should be, then each exhibit in its order; from the torch side, from
 * behind, and its end. Not a test of the build: run it when the picture of a weld has changed, with {@code mvn -Ptools -pl core,web verify
 * -Dit.test=BeadPictures -Dtest=none -Dsurefire.failIfNoSpecifiedTests=false}.
 */
class BeadPictures extends Journeys {

    private static final Path FOLDER = Path.of("src/main/resources/beads");

    private static final String TAKE = """
            const [which] = arguments;
            const stage = document.getElementById('weld-canvas').stage;
            const [wide, high] = [320, 300];
            const all = stage.models;
            all.forEach((model) => { model.group.visible = false; });
            stage.models = [all[which]];
            stage.renderer.setPixelRatio(1);
            stage.renderer.setSize(wide, high, false);
            stage.aspect(wide, high);
            const picture = document.createElement('canvas');
            picture.width = 3 * wide;
            picture.height = high;
            const context = picture.getContext('2d');
            context.fillStyle = '#171b1e';
            context.fillRect(0, 0, picture.width, high);
            ['side', 'back'].forEach((look, i) => {
              stage.lookFrom(look);
              stage.render();
              context.drawImage(stage.canvas, i * wide, 0);
            });
            const [model] = stage.models;
            const { moment, scene } = model;
            model.moment = { ...moment, lifted: false, x: scene.startMm + scene.goesMm };
            stage.lookFrom('side');
            stage.turn([0, -0.25], 0.42);
            stage.render();
            context.drawImage(stage.canvas, 2 * wide, 0);
            model.moment = moment;
            stage.models = all;
            return picture.toDataURL('image/png').split(',')[1];""";

    @Test
    void takeThem() throws IOException {
        Files.createDirectories(FOLDER);
        newJob();
        browser.click("[data-step='5']");
        browser.waitFor("the joint stands", () -> !browser.text(".weld-scale").isBlank());
        for (Exhibit exhibit : Exhibit.values()) {
            browser.click("[data-exhibit=" + exhibit + "]");
            browser.waitFor("its words", () -> browser.all("#sees").isEmpty());
            browser.waitFor("its words", () -> !browser.all("#sees").isEmpty());
            browser.waitFor("both drawn", () -> (Boolean) browser.driver()
                    .executeScript("return document.getElementById('weld-canvas').stage.models.every((one) =>"
                            + " one.moment && one.moment.lifted)"));
            if (exhibit == Exhibit.TOO_FAST) {
                take(0, 0);
            }
            take(1, 1 + exhibit.ordinal());
        }
    }

    private void take(int which, int number) throws IOException {
        String picture = (String) browser.driver().executeScript(TAKE, which);
        Files.write(FOLDER.resolve(number + ".png"), Base64.getDecoder().decode(picture));
    }
}
