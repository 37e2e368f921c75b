package vastarc.web.store.job;

import java.util.UUID;

/**
 * A job on the bench was changed. Published while it is written: who wants to know what is really kept listens after the commit.
 *
 * @param job id of the job
 * @param version the version it has come to
 * @param onBench whether it is still on the bench
 */
public record JobChanged(UUID job, long version, boolean onBench) {}
