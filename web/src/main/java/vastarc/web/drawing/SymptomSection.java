package vastarc.web.drawing;

import java.util.Map;
import vastarc.web.drawing.Drawing.Pencil;

/** Signs that are seen in section or at the tip: two plates with what the bead has become, and tungsten points. */
final class SymptomSection {

    private static final String PLATES = "M2 15H44V29H2Z M52 15H94V29H52Z";
    private static final String CLOSED = "M2 15H48V29H2Z M48 15H94V29H48Z";
    private static final String CORNER = "M6 34H90V41H6Z M40 4H48V34H40Z";

    /** What the bead looks like in section. */
    private static final Map<String, String> BEADS = Map.ofEntries(
            Map.entry("UNDERCUT", "M30 17Q34 19 37 12Q48 8 59 12Q62 19 66 17L58 29H38Z"),
            Map.entry("CONCAVE", "M34 15Q48 22 62 15L56 29H40Z"),
            Map.entry("CONVEX", "M34 15Q48 0 62 15L56 29H40Z"),
            Map.entry("BEAD_HANGS", "M40 15H56L62 29Q48 50 34 29Z"),
            Map.entry("COLD_LAP", "M28 14Q48 2 68 14Q60 17 58 15H38Q36 17 28 14Z"),
            Map.entry("ROOT_NOT_FUSED", "M36 15Q48 9 60 15L52 23H44Z"),
            Map.entry("ROOT_SAGS", "M36 15Q48 14 60 15L58 29Q48 44 38 29Z"),
            Map.entry("ROOT_HOLLOW", "M36 15Q48 10 60 15L57 29Q48 23 39 29Z"),
            Map.entry("ROOT_EXCESS", "M36 15Q48 9 60 15L60 29Q48 40 36 29Z"));

    /** Tips, from the collet on the left to the point on the right. */
    private static final Map<String, String> TIPS = Map.of(
            "T_MELTS_AT_ONCE", "M8 17H58Q74 10 78 22Q74 34 58 27H8Z",
            "T_BLACK", "M8 17H56L84 22L56 27H8Z",
            "T_FUZZY", "M8 17H56L84 22L56 27H8Z",
            "T_SPLIT", "M8 17H56L84 19L66 22L84 25L56 27H8Z",
            "T_DIPPED", "M8 17H56L72 18Q84 16 84 22Q84 28 72 26L56 27H8Z");

    private SymptomSection() {}

    static boolean draw(Pencil pencil, String sign) {
        if (TIPS.containsKey(sign)) {
            tip(pencil, sign);
            return true;
        }
        if (BEADS.containsKey(sign)) {
            pencil.raw(sign.startsWith("ROOT") ? PLATES : CLOSED, "metal");
            pencil.raw(BEADS.get(sign), "bead");
            return true;
        }
        return others(pencil, sign);
    }

    private static void tip(Pencil pencil, String sign) {
        pencil.raw(TIPS.getOrDefault(sign, ""), sign.equals("T_BLACK") ? "soot" : "tungsten");
        if (sign.equals("T_FUZZY")) {
            pencil.raw("M60 16l3 -4M66 17l3 -4M72 19l4 -4M60 28l3 4M66 27l3 4M72 25l4 4M78 21l5 -2M78 23l5 2", "mark");
        }
        if (sign.equals("T_DIPPED")) {
            pencil.raw("M72 18Q84 16 84 22Q84 28 72 26Z", "bead");
        }
    }

    private static boolean others(Pencil pencil, String sign) {
        switch (sign) {
            case "BURN_THROUGH" -> {
                pencil.raw("M2 15H38Q42 24 36 29H2Z M94 15H58Q54 24 60 29H94Z", "metal");
                pencil.raw("M36 29Q34 38 38 36M60 29Q63 38 58 37", "mark");
            }
            case "FILLET_UNEQUAL" -> {
                pencil.raw(CORNER, "metal");
                pencil.raw("M48 20Q60 30 84 34H48Z", "bead");
            }
            case "SIDE_NOT_FUSED" -> {
                pencil.raw("M2 15H48V29H2Z M67 15H94V29H59Z", "metal");
                pencil.raw("M34 15Q46 6 62 14L54 29H40Z", "bead");
            }
            case "WIRE_BALLS" -> {
                pencil.raw("M2 32H94V40H2Z", "metal");
                pencil.raw("M4 6L46 18", "mark");
                pencil.circle("bead", 50, 20, 5);
            }
            case "ROOT_UNEVEN" -> {
                pencil.raw("M2 8H94V36H2Z", "metal");
                pencil.raw(
                        "M4 20Q14 14 22 22Q30 28 38 21Q48 10 56 22Q64 30 74 21Q84 16 92 22Q84 28 74 25Q64 34 54 26Q46 24 38 25Q28 34 20 26Q12 24 4 24Z",
                        "bead");
            }
            default -> {
                return arc(pencil, sign);
            }
        }
        return true;
    }

    private static boolean arc(Pencil pencil, String sign) {
        switch (sign) {
            case "SPARKS_AT_STRIKE" -> {
                pencil.raw("M40 4H56L50 18H46Z", "tungsten");
                pencil.raw("M48 24l-14 10M48 24l-6 14M48 24l2 15M48 24l11 12M48 24l17 6M48 24l-18 2", "mark");
            }
            case "ARC_WANDERS" -> {
                pencil.raw("M40 4H56L50 16H46Z", "tungsten");
                pencil.raw("M2 36H94V42H2Z", "metal");
                pencil.raw("M48 18Q40 24 34 34M48 18Q52 26 64 34", "mark dashed");
            }
            case "ARC_BLOW" -> {
                pencil.raw("M40 4H56L50 16H46Z", "tungsten");
                pencil.raw("M2 36H94V42H2Z", "metal");
                pencil.raw("M48 18Q52 24 74 35M48 18Q56 20 84 35M48 18Q60 18 92 33", "mark dashed");
            }
            default -> {
                return false;
            }
        }
        return true;
    }
}
