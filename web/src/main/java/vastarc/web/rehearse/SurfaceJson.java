package vastarc.web.rehearse;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.jspecify.annotations.Nullable;
import vastarc.core.simulation.result.BeadSurface;
import vastarc.core.simulation.result.BeadSurface.SurfaceStrip;

/**
 * The surface of a bead as the page draws it: lengths as 16 bits with sign, the lower byte first, of {@code unitMm} each; times as 16 bits without
 * sign of {@code unitS}, the highest of them for "not yet"; all in base 64. Described in {@code docs/formats/README.md}.
 */
record SurfaceJson(
        int lines,
        double stepMm,
        double unitMm,
        double unitS,
        StripJson front,
        StripJson back,
        String melted,
        String width,
        String backWidth,
        String holes,
        double laidMm3,
        double addedMm3,
        @Nullable Double rippleS) {

    private static final double UNIT_MM = 0.005;
    private static final double UNIT_S = 0.05;
    private static final int NOT_YET = 0xFFFF;

    /** Points of one face: {@code across} a line. */
    record StripJson(int across, String y, String z, String place, String frozen) {}

    static SurfaceJson of(BeadSurface surface) {
        return new SurfaceJson(
                surface.lines(),
                surface.stepMm(),
                UNIT_MM,
                UNIT_S,
                strip(surface.front()),
                strip(surface.back()),
                times(surface.meltedS()),
                lengths(surface.widthMm()),
                lengths(surface.backMm()),
                text(surface.holes()),
                surface.laidMm3(),
                surface.addedMm3(),
                surface.rippleS().isPresent() ? surface.rippleS().getAsDouble() : null);
    }

    private static StripJson strip(SurfaceStrip strip) {
        return new StripJson(
                strip.across(),
                lengths(strip.yMm()),
                lengths(strip.zMm()),
                lengths(strip.placeMm()),
                times(strip.frozenS()));
    }

    private static String lengths(FloatBuffer figures) {
        ByteBuffer bytes = room(figures);
        for (int i = 0; i < figures.limit(); i++) {
            bytes.putShort((short) Math.round(figures.get(i) / UNIT_MM));
        }
        return text(bytes.flip());
    }

    private static String times(FloatBuffer figures) {
        ByteBuffer bytes = room(figures);
        for (int i = 0; i < figures.limit(); i++) {
            float s = figures.get(i);
            bytes.putShort((short) (Float.isNaN(s) ? NOT_YET : Math.min(NOT_YET - 1, Math.round(s / UNIT_S))));
        }
        return text(bytes.flip());
    }

    private static ByteBuffer room(FloatBuffer figures) {
        return ByteBuffer.allocate(Short.BYTES * figures.limit()).order(ByteOrder.LITTLE_ENDIAN);
    }

    private static String text(ByteBuffer bytes) {
        return StandardCharsets.ISO_8859_1
                .decode(Base64.getEncoder().encode(bytes.duplicate()))
                .toString();
    }
}
