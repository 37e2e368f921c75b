package vastarc.web.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A list that may hold only so many; its row is held by whoever adds to it. */
@Entity
@Immutable
@Table(name = "list_bound")
public class ListBound {

    /** The lists. */
    public enum Name {
        /** Machines of the shop. */
        MACHINES,
        /** Torches of the shop. */
        TORCHES,
        /** Meters that have a key. */
        METERS,
        /** Devices that are let in. */
        DEVICES,
        /** Qualified procedures of the shop. */
        PROCEDURES,
        /** What the shop's welders are qualified for. */
        WELDERS,
        /** Assemblies, and the seams of each. */
        ASSEMBLIES,
        /** Batches of material. */
        BATCHES,
        /** Meters with their calibration. */
        INSTRUMENTS
    }

    @Id
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Name name;

    protected ListBound() {}
}
