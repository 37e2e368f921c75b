package vastarc.web.request;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import vastarc.core.coach.CoachLevel;
import vastarc.core.coach.CueKind;
import vastarc.core.coach.HeardCoach;
import vastarc.core.coach.HeardCoach.HeardCue;

/** Reads what a booth has played of the coach: {@code {"level": "PACE", "beats": 40, "cues": [[28.5, "EASE_OFF"]]}}. */
final class HeardReader {

    private static final double LONGEST_S = 86_400;

    private HeardReader() {}

    /**
     * What was heard. A booth writes it, nobody types it: what cannot be read is left, so that no run stays open for it.
     *
     * @param text of the field; may be empty
     * @return what was heard; empty where that is nothing
     */
    static Optional<HeardCoach> read(String text) {
        JsonNode heard = JsonObjects.read(text.getBytes(StandardCharsets.UTF_8), "")
                .value()
                .orElse(null);
        if (heard == null) {
            return Optional.empty();
        }
        int beats =
                Math.max(0, Math.min(HeardCoach.MOST_BEATS, heard.path("beats").asInt(0)));
        List<HeardCue> cues = new ArrayList<>();
        for (JsonNode cue : heard.path("cues")) {
            double s = cue.path(0).asDouble(-1);
            ApiNames.read(cue.path(1).asString(""), "cue", CueKind.class, problem -> {})
                    .filter(kind -> s >= 0 && s <= LONGEST_S)
                    .ifPresent(kind -> cues.add(new HeardCue(s, kind)));
        }
        cues.sort(Comparator.comparingDouble(HeardCue::atS));
        return ApiNames.read(heard.path("level").asString(""), "level", CoachLevel.class, problem -> {})
                .filter(level -> beats > 0 || !cues.isEmpty())
                .map(level -> new HeardCoach(level, beats, cues));
    }
}
