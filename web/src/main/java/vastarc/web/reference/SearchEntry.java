package vastarc.web.reference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.reference.Glossary;
import vastarc.web.store.job.Job;

/**
 * Something that can be found.
 *
 * @param kind what it is: word, setting, symptom, job or page
 * @param name what it is found by and shown as
 * @param more a line beside it; found by as well
 * @param href where it opens
 */
public record SearchEntry(String kind, String name, String more, String href) {

    /** Everything but the jobs. */
    static final List<SearchEntry> FIXED = fixed();

    static SearchEntry of(Job job) {
        return new SearchEntry("job", job.name(), job.notes(), "/jobs/" + job.id() + "/sheet");
    }

    private static List<SearchEntry> fixed() {
        List<SearchEntry> entries = new ArrayList<>();
        entries.add(new SearchEntry("page", "wall chart", "thickness by joint for a metal", "/chart"));
        entries.add(new SearchEntry("page", "shop", "defaults, stock, backup", "/shop"));
        entries.add(new SearchEntry("page", "archived jobs", "jobs taken off the bench", "/away"));
        entries.add(new SearchEntry("page", "machines", "panels, dials, torches", "/machines"));
        entries.add(new SearchEntry("page", "reference", "words, tables, positions", "/reference"));
        Arrays.stream(ParameterKey.values())
                .forEach(key -> entries.add(new SearchEntry(
                        "setting",
                        say(key.words()),
                        say(key.words() + ".formula"),
                        "/reference#setting-" + key.apiName())));
        Glossary.entries().forEach(entry -> {
            String href = "/reference#word-" + slug(entry.term());
            entries.add(new SearchEntry("word", entry.term(), entry.meaning(), href));
            entry.aliases()
                    .forEach(alias -> entries.add(new SearchEntry("word", alias, "here: " + entry.term(), href)));
        });
        Symptom.all()
                .forEach(symptom -> entries.add(new SearchEntry(
                        "symptom",
                        say(symptom.words()),
                        symptom.likelyCauses().stream()
                                .map(cause -> say(cause.words()))
                                .collect(Collectors.joining("; ")),
                        "/reference#symptom-" + symptom.id())));
        return List.copyOf(entries);
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }

    /** A name as an anchor. */
    static String slug(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }
}
