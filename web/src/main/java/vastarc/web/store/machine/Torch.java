package vastarc.web.store.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import vastarc.core.equipment.TorchProfile;
import vastarc.core.equipment.TorchProfile.TorchCooling;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.web.store.VersionedEntity;

/** A torch of the shop. */
@Entity
@Table(name = "torch")
public class Torch extends VersionedEntity {

    private String name;

    @Enumerated(EnumType.STRING)
    private TorchCooling cooling;

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
        this(UUID.randomUUID(), form, now);
    }

    Torch(UUID id, TorchForm form, Instant made) {
        super(id);
        restore(form, made);
    }

    /** Becomes what an archive says it was. */
    final void restore(TorchForm form, Instant made) {
        createdAt = made;
        name = form.name();
        cooling = form.cooling();
        ratedA = form.ratedA();
        percent = form.percent();
        leadM = form.leadM();
        boreMm = form.boreMm();
        valve = form.valve();
    }

    /** When it came into the shop. */
    Instant madeAt() {
        return createdAt;
    }

    /** What a torch is made from. */
    public record TorchForm(
            String name,
            TorchCooling cooling,
            double ratedA,
            double percent,
            double leadM,
            double boreMm,
            boolean valve) {

        private static final double MOST_A = 1000;

        /** {@return whether an archive may hold it} */
        public boolean isSound() {
            return name != null
                    && !name.isBlank()
                    && name.length() <= 120
                    && cooling != null
                    && ratedA >= 1
                    && ratedA <= MOST_A
                    && percent >= 1
                    && percent <= 100
                    && leadM >= 0.5
                    && leadM <= 30
                    && boreMm >= 2
                    && boreMm <= 12;
        }
    }

    /** {@return its name} */
    public String name() {
        return name;
    }

    /** {@return what it is made from} */
    public TorchForm form() {
        return new TorchForm(name, cooling, ratedA, percent, leadM, boreMm, valve);
    }

    /** {@return its profile} */
    public TorchProfile profile() {
        return new TorchProfile(
                id().toString(), name, cooling, List.of(new DutyPoint(ratedA, percent)), leadM, boreMm, valve);
    }
}
