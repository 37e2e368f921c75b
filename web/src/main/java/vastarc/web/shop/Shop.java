package vastarc.web.shop;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.springframework.data.domain.Persistable;

/** The one row that says how the shop works. */
@Entity
@Table(name = "shop")
class Shop implements Persistable<Integer> {

    static final int ID = 1;

    private static final int WAYS_FORMAT = 1;

    @Id
    private Integer id = ID;

    @Version
    private Long version;

    @Column(name = "ways_format")
    private int waysFormat = WAYS_FORMAT;

    @Convert(converter = HabitsConverter.class)
    private Habits ways = Habits.usual();

    Habits habits() {
        return ways;
    }

    void take(Habits habits) {
        ways = habits;
    }

    @Override
    public Integer getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }
}
