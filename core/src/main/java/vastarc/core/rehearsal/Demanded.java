package vastarc.core.rehearsal;

import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

/** What a sheet reckons of the bead. */
final class Demanded {

    private Demanded() {}

    /** Width of the pool in front that a sheet reckons, mm; of a corner both faces together. */
    static double frontMm(Sheet sheet) {
        return sheet.setting(SettingKey.POOL_WIDTH).engineValue();
    }

    /** Back bead that a sheet reckons, mm; 0 where it has none. */
    static double backMm(Sheet sheet) {
        return sheet.find(SettingKey.BACK_BEAD)
                .filter(setting -> setting.window().isPresent())
                .map(setting -> setting.engineValue())
                .orElse(0.0);
    }
}
