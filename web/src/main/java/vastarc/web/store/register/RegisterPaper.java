package vastarc.web.store.register;

import java.time.Instant;
import java.util.UUID;
import vastarc.web.store.document.Document;

/**
 * An entry of a register as it is kept.
 *
 * @param <T>       what it holds
 * @param id        its id
 * @param version   counted from 0
 * @param number    by which the shop calls it
 * @param content   what it holds, or why it cannot be read
 * @param changedAt when it was last changed
 */
public record RegisterPaper<T>(UUID id, long version, String number, Document<T> content, Instant changedAt) {}
