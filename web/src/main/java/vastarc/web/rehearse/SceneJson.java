package vastarc.web.rehearse;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.simulation.WeldScene;

/**
 * The joint as it stands before the arc is struck, for the page to draw.
 *
 * @param problems why it cannot be simulated; {@code scene} is null then
 * @param scene    what stands there
 * @param soon     a simulation takes no more than some seconds, so that one may be begun unasked
 */
record SceneJson(List<String> problems, @Nullable WeldScene scene, boolean soon) {

    static SceneJson of(Outcome<WeldScene> scene, UnitSystem units) {
        return new SceneJson(
                scene.problems().stream()
                        .map(problem -> problem.message(units))
                        .distinct()
                        .toList(),
                scene.value().orElse(null),
                scene.value().filter(WeldScene::isSoonDone).isPresent());
    }
}
