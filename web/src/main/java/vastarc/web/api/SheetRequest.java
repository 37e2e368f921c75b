package vastarc.web.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import vastarc.core.joint.Access;
import vastarc.core.joint.Chill;
import vastarc.core.joint.Control;
import vastarc.core.joint.Finish;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Position;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Service;
import vastarc.core.joint.Technique;
import vastarc.core.joint.WireFeed;
import vastarc.core.material.Material;

/** Shape of a sheet request, for the API description; {@code JobReader} reads it field by field. */
record SheetRequest(
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Material material,

        @Schema(description = "grade of the abutting member; the same unless told otherwise")
        Material otherMaterial,

        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) JointForm joint,

        @Schema(
                requiredMode = Schema.RequiredMode.REQUIRED,
                description = "base member, then the abutting one, 0.1 to 12 mm each; one number stands for both")
        List<Double> thicknessMm,

        @Schema(description = "outside diameter of the (branch) tube, 3 to 1000 mm")
        Double tubeOdMm,

        @Schema(description = "fit-up gap, 0 to 4 mm") Double gapMm,

        @Schema(description = "included angle of a V, 30 to 120 degrees")
        Double grooveAngleDeg,

        @Schema(description = "land of a V, 0 to 4 mm") Double rootFaceMm,

        @Schema(description = "angle between branch and run of a saddle, 30 to 90 degrees")
        Double copeAngleDeg,

        @Schema(description = "the abutting member is a small tab")
        Boolean smallTab,

        Position position,
        @Schema(description = "tube turned under the torch") Boolean rotated,

        @Schema(description = "with filler wire; true unless told otherwise")
        Boolean wire,

        WireFeed wireFeed,
        Technique technique,
        Control control,
        Chill chill,
        @Schema(description = "back kept under argon") Boolean purged,
        PulsePurpose pulse,
        Finish finish,

        @Schema(description = "square butt welded from each side to mid-depth")
        Boolean bothSides,

        @Schema(description = "the back can be reached; true unless told otherwise")
        Boolean backAccess,

        @Schema(description = "room for the torch") Access access,

        @Schema(description = "what the weld has to bear, as far as it changes the filler")
        Service service,

        @Schema(description = "metal before the arc, -20 to 400 °C")
        Double preheatC,

        @Schema(description = "the hand's own timed travel, 20 to 600 mm/min")
        Double travelMmPerMin,

        @Schema(description = "gas hose after the valve, 0.5 to 30 m")
        Double hoseLengthM,

        @Schema(description = "its bore, 2 to 12 mm") Double hoseBoreMm) {}
