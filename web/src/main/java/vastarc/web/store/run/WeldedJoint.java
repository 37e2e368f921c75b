package vastarc.web.store.run;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/**
 * What a run joined, as it is searched.
 *
 * @param material    by its API name
 * @param joint       form of the joint, by its API name
 * @param position    by its API name; empty of a run from before it was kept
 * @param thicknessMm of the thinner member
 */
@Embeddable
public record WeldedJoint(
        @Column(name = "material") String material,
        @Column(name = "joint") String joint,
        @Column(name = "weld_position") String position,
        @Column(name = "thickness_mm") double thicknessMm) {}
