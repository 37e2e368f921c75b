package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.advice.sequence.SeamSplitter.SegmentLimit;
import vastarc.core.advice.sequence.WeldSequence.SegmentEnd;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/** The reasons that are given with a sequence: tacks first, where runs end and why, interpass, tie-ins, position, arc share. */
final class SequenceNotes {

    private SequenceNotes() {}

    static List<Phrase> of(SequenceRequest ask) {
        List<Phrase> notes = new ArrayList<>();
        if (!ask.isSaddle()) {
            notes.add(ask.sheet().tacks().order().phrase());
        }
        for (PassFigures pass : ask.passes()) {
            SegmentLimit most = SeamSplitter.most(ask, pass);
            if (most.mm() < ask.seamMm() && !(most.end() == SegmentEnd.TURN && ask.isFixedPosition())) {
                Phrase note = Phrase.of("route.note." + most.end(), Quantity.ruled(most.mm()));
                if (!notes.contains(note)) {
                    notes.add(note);
                }
            }
        }
        if (ask.passes().size() > 1) {
            notes.add(Phrase.of(
                    "route.note.interpass",
                    Quantity.celsius(ask.passes().get(1).interpassC()),
                    Quantity.seconds(ask.passes().get(1).coolsS())));
        }
        notes.add(Phrase.of(ask.closes() ? "route.note.tieIn" : "route.note.restart", Quantity.ruled(ask.overlapMm())));
        if (ask.isFixedPosition()) {
            notes.add(Phrase.of(
                    ask.sheet().practice().position().isDownhill() ? "route.note.falling" : "route.note.standing"));
        } else if (ask.isTube() && ask.sheet().practice().rotated()) {
            notes.add(Phrase.of("route.note.rolled"));
        }
        if (ask.isSaddle()) {
            notes.add(Phrase.of("route.note.saddle"));
        }
        notes.add(
                Phrase.of("route.note.share", Quantity.percent(100 * ask.work().arcShare())));
        if (ask.ambientC() > SequenceRequest.HOT_C) {
            notes.add(Phrase.of("route.note.hot"));
        }
        return notes;
    }
}
