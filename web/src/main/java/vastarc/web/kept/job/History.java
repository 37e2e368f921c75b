package vastarc.web.kept.job;

/** Whether a job has a step to take back, and one to do again. */
public record History(boolean canUndo, boolean canRedo) {}
