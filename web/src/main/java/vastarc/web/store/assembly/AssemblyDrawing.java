package vastarc.web.store.assembly;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import vastarc.web.store.AssignedIdEntity;

/** The picture on which the seams of an assembly are marked. */
@Entity
@Table(name = "assembly_drawing")
public class AssemblyDrawing extends AssignedIdEntity<UUID> {

    @Id
    private UUID assemblyId;

    private int width;
    private int height;
    private byte[] jpeg;

    protected AssemblyDrawing() {}

    AssemblyDrawing(UUID assembly, byte[] jpeg, int width, int height) {
        this.assemblyId = assembly;
        this.jpeg = jpeg.clone();
        this.width = width;
        this.height = height;
    }

    @Override
    public UUID getId() {
        return assemblyId;
    }

    /** {@return its width, pixels} */
    public int width() {
        return width;
    }

    /** {@return its height, pixels} */
    public int height() {
        return height;
    }

    /** {@return the picture, as JPEG} */
    public byte[] jpeg() {
        return jpeg.clone();
    }
}
