package vastarc.core.rehearsal;

import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

/** What a sheet reckons of the bead. */
final class Demanded {

    private Demanded() {}

    /**
     * Width of the bead in front that a sheet reckons, mm: of the pool; of a fillet both its legs, where they are longer than what is fused
     * beside them.
     */
    static double frontMm(Sheet sheet) {
        double pool = sheet.setting(SettingKey.POOL_WIDTH).engineValue();
        return sheet.joint().isCorner()
                ? Math.max(pool, 2 * sheet.heat().demand().legMm())
                : pool;
    }

    /** Back bead that a sheet reckons, mm; 0 where it has none. */
    static double backMm(Sheet sheet) {
        return sheet.find(SettingKey.BACK_BEAD)
                .filter(setting -> setting.window().isPresent())
                .map(setting -> setting.engineValue())
                .orElse(0.0);
    }
}
