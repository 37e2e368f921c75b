package vastarc.web.store.archive;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/**
 * A row that never changes: it is there, or it comes.
 *
 * @param <T> the entity
 * @param rows where such rows are
 * @param row the row
 * @param id its id
 * @param coming what is told where it comes
 */
public record ImmutableRow<T extends AssignedIdEntity<UUID>>(JpaRepository<T, UUID> rows, T row, UUID id, String coming)
        implements ArchiveElement {

    private boolean isStored() {
        return rows.findById(id).isPresent();
    }

    @Override
    public Optional<String> change() {
        return isStored() ? Optional.empty() : Optional.of(coming);
    }

    @Override
    public void take() {
        if (!isStored()) {
            rows.save(row);
        }
    }
}
