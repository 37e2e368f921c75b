package vastarc.web.store.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** The quantities that a welder chose for the columns of a table, by the table's heading; names with bars between them. */
@Entity
@Table(name = "trace_columns")
class ChosenColumns {

    @Id
    private String heading;

    private String chosen;
    private Instant usedAt;

    protected ChosenColumns() {}

    ChosenColumns(String heading, String chosen, Instant usedAt) {
        this.heading = heading;
        this.chosen = chosen;
        this.usedAt = usedAt;
    }

    String heading() {
        return heading;
    }

    String chosen() {
        return chosen;
    }

    Instant usedAt() {
        return usedAt;
    }
}
