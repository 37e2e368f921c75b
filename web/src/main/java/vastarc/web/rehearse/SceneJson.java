package vastarc.web.rehearse;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.Attitude;
import vastarc.core.simulation.WeldScene;
import vastarc.core.simulation.WeldScene.TorchScene;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;

/**
 * The joint as it stands before the arc is struck, for the page to draw; lengths in mm.
 *
 * @param problems why it cannot be simulated; {@code scene} is null then
 */
record SceneJson(List<String> problems, @Nullable StandingJson scene) {

    /** What {@link WeldScene} says, {@code soon} where a simulation takes about a second. */
    record StandingJson(
            String form,
            String position,
            double lengthMm,
            boolean ring,
            double radiusMm,
            double runMm,
            double sinAngle,
            Attitude attitude,
            double leanDeg,
            List<List<SectionPoint>> members,
            double startMm,
            double goesMm,
            TorchScene torch,
            double shade,
            boolean soon) {}

    static SceneJson of(Outcome<WeldScene> scene, UnitSystem units) {
        return new SceneJson(
                scene.problems().stream()
                        .map(problem -> problem.message(units))
                        .distinct()
                        .toList(),
                scene.value().map(SceneJson::standing).orElse(null));
    }

    static StandingJson standing(WeldScene scene) {
        return new StandingJson(
                scene.form().name(),
                scene.position().name(),
                scene.lengthMm(),
                scene.ring(),
                scene.radiusMm().orElse(0),
                scene.runMm().orElse(0),
                scene.sinAngle(),
                scene.attitude(),
                scene.leanDeg(),
                scene.members(),
                scene.startMm(),
                scene.goesMm(),
                scene.torch(),
                scene.shade(),
                scene.isSoonDone());
    }
}
