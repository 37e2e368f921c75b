package vastarc.web.kept.shop;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.springframework.data.domain.Persistable;
import vastarc.web.kept.document.Document;

/** The one row that says how the shop works. */
@Entity
@Table(name = "shop")
class Shop implements Persistable<Integer> {

    static final int ID = 1;

    @Id
    private Integer id = ID;

    @Version
    private Long version;

    @Convert(converter = HabitsConverter.class)
    private Document<Habits> ways = Document.of(Habits.FORMAT, Habits.usual());

    /** How the shop works; the usual ways where what is kept cannot be read. */
    Habits habits() {
        return ways.value().orElseGet(Habits::usual);
    }

    /** What is wrong with what is kept; empty where it can be read. */
    String fault() {
        return ways.fault();
    }

    void take(Habits habits) {
        ways = Document.of(Habits.FORMAT, habits);
    }

    long version() {
        return version;
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
