package vastarc.core.coach;

/** How soon a welder has to do something about a cue. */
public enum Urgency {
    /** At once: the weld is being spoiled. Never left out. */
    NOW,
    /** Within the next second or two. */
    SOON,
    /** It keeps the pace; nothing is lost where one is not heard. */
    PACE
}
