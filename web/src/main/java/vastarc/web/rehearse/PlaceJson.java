package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.material.Family;
import vastarc.core.simulation.observe.SeenPlace;

/**
 * What is known of one place of a weld that is looked at.
 *
 * @param words in the reader's units; empty where nothing is known
 */
record PlaceJson(String words) {

    private static final double HOTTEST_JUDGED_C = 4999;

    static PlaceJson of(SeenPlace seen, Joint joint, UnitSystem units) {
        List<Phrase> phrases = new ArrayList<>();
        if (seen.widthMm() > 0) {
            phrases.add(Phrase.of("rehearsal.place.width", Quantity.ruled(seen.widthMm())));
        }
        seen.frozenS().ifPresent(s -> {
            phrases.add(
                    joint.isCorner()
                            ? Phrase.of("rehearsal.place.root", Quantity.millimetres(seen.rootMm()))
                            : Phrase.of("rehearsal.place.stands", Quantity.millimetres(seen.standsMm())));
            phrases.add(Phrase.of("rehearsal.place.frozen", Quantity.of(s, Unit.SECOND)));
        });
        phrases.add(Phrase.of("rehearsal.place.peak", Quantity.of(seen.peakC(), Unit.CELSIUS)));
        Family family = joint.material().family();
        if (family == Family.STAINLESS || family == Family.TITANIUM) {
            String colour =
                    Tint.of(family, Math.min(HOTTEST_JUDGED_C, seen.airC())).colour();
            phrases.add(Phrase.of("rehearsal.place.tint", colour));
        }
        String at = units.show(Quantity.ruled(seen.xMm())).line();
        return new PlaceJson(at + ": "
                + String.join(
                        ", ",
                        phrases.stream()
                                .map(phrase -> Phrasebook.say(phrase, units))
                                .toList()));
    }
}
