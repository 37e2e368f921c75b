package vastarc.core.record.weldlog;

import vastarc.core.base.text.Phrase;

/**
 * Something a run did otherwise than planned, or than a sound weld wants.
 *
 * @param code stable name
 * @param atS  when, in the time of the run, s
 * @param text with its figures, and what it does to the weld
 */
public record Deviation(String code, double atS, Phrase text) {

    static Deviation of(String code, double atS, Object... arguments) {
        return new Deviation(code, atS, Phrase.of("run.deviation." + code, arguments));
    }
}
