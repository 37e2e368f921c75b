package vastarc.web.store.run;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/**
 * What the sheet wanted of a run.
 *
 * @param currentA   working current of the sheet, A
 * @param reckonedA  what the engine calculated without the welder's own value, A
 * @param travel     of the sheet, mm/min
 */
@Embeddable
public record PlannedFigures(
        @Column(name = "planned_a") double currentA,
        @Column(name = "reckoned_a") double reckonedA,
        @Column(name = "planned_travel") double travel) {}
