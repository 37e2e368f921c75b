package vastarc.core.rehearsal;

import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

/** The bead that a sheet calculates. */
final class Demanded {

    private Demanded() {}

    /** Calculated width of the pool on the face, mm; on a corner the sum of both faces. */
    static double frontMm(Sheet sheet) {
        return sheet.setting(SettingKey.POOL_WIDTH).engineValue();
    }

    /** Calculated width of the root bead, mm; 0 where there is none. */
    static double backMm(Sheet sheet) {
        return sheet.find(SettingKey.BACK_BEAD)
                .filter(setting -> setting.window().isPresent())
                .map(setting -> setting.engineValue())
                .orElse(0.0);
    }
}
