package vastarc.web.store.job;

/** Whether a job has a step to take back, and one to do again. */
public record History(boolean canUndo, boolean canRedo) {}
