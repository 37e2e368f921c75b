package vastarc.web.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Persistable;
import vastarc.core.machine.DutyPoint;
import vastarc.core.machine.TorchProfile;

/** A torch of the shop. */
@Entity
@Table(name = "torch")
public class Torch implements Persistable<UUID> {

    @Id
    private UUID id;

    @Version
    private Long version;

    private String name;

    @Enumerated(EnumType.STRING)
    private TorchProfile.Cooling cooling;

    @Column(name = "rated_a")
    private double ratedA;

    private double percent;

    @Column(name = "lead_m")
    private double leadM;

    @Column(name = "bore_mm")
    private double boreMm;

    private boolean valve;

    @Column(name = "created_at")
    private Instant createdAt;

    protected Torch() {}

    Torch(TorchForm form, Instant now) {
        id = UUID.randomUUID();
        createdAt = now;
        name = form.name();
        cooling = form.cooling();
        ratedA = form.ratedA();
        percent = form.percent();
        leadM = form.leadM();
        boreMm = form.boreMm();
        valve = form.valve();
    }

    /** What a torch is made from. */
    public record TorchForm(
            String name,
            TorchProfile.Cooling cooling,
            double ratedA,
            double percent,
            double leadM,
            double boreMm,
            boolean valve) {}

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public TorchProfile profile() {
        return new TorchProfile(
                id.toString(), name, cooling, List.of(new DutyPoint(ratedA, percent)), leadM, boreMm, valve);
    }
}
