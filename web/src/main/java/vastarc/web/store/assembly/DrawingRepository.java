package vastarc.web.store.assembly;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Drawings in the database. */
interface DrawingRepository extends JpaRepository<AssemblyDrawing, UUID> {}
