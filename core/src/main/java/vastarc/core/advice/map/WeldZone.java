package vastarc.core.advice.map;

import java.util.List;

/** What becomes of a weld at a point of the map; where several hold, the first of them is shown. */
public enum WeldZone {
    /** The faces do not melt. {@code docs/model/map.md (2)}. */
    NO_FUSION(2, "own"),
    /** The pool breaks through. {@code docs/model/map.md (5)}. */
    BURN_THROUGH(5, "young-laplace"),
    /** The back hangs. {@code docs/model/map.md (5)}. */
    SAGS(5, "own"),
    /** The root of a corner, or the asked depth, is not melted. {@code docs/model/map.md (3)}. */
    ROOT_NOT_FUSED(3, "own"),
    /** The back is to melt and does not. {@code docs/model/map.md (3)}. */
    NOT_THROUGH(3, "rosenthal"),
    /** The back is to stay solid and melts. {@code docs/model/map.md (4)}. */
    BACK_MELTS(4, "rosenthal"),
    /** The pool is so long that its edges freeze before they are filled. {@code docs/model/map.md (6)}. */
    UNDERCUT(6, "young-laplace"),
    /** The pool is wider than the bead can be. {@code docs/model/map.md (7)}. */
    TOO_WIDE(7, "own"),
    /** The seam leaves its gas hotter than its finish lets it. {@code docs/model/map.md (8)}. */
    TOO_HOT_FOR_COLOUR(8, "own"),
    /** None of these. */
    GOOD(1, "own");

    /** All of them as they follow each other while the current rises. */
    public static final List<WeldZone> BY_HEAT = List.of(
            NO_FUSION,
            ROOT_NOT_FUSED,
            NOT_THROUGH,
            GOOD,
            TOO_HOT_FOR_COLOUR,
            UNDERCUT,
            TOO_WIDE,
            BACK_MELTS,
            SAGS,
            BURN_THROUGH);

    /** Share of the wanted width that still makes a sound root, toe or back. {@code docs/model/map.md (3)}. */
    public static final double LEAST_WIDTH_SHARE = 0.7;

    /** Share of the widest back that a pool holds at which it hangs. {@code docs/model/map.md (5)}. */
    public static final double SAG_SHARE = 0.8;

    /** A pool so many times as wide as planned is too wide. {@code docs/model/map.md (7)}. */
    public static final double MOST_WIDTH_SHARE = 1.5;

    /** Which way a setting errs. */
    public enum Side {
        /** Too little heat. */
        COLD,
        /** Neither. */
        RIGHT,
        /** Too much. */
        HOT
    }

    private final int equation;
    private final String source;

    WeldZone(int equation, String source) {
        this.equation = equation;
        this.source = source;
    }

    /** {@return the number of its equation on the page {@code map} of the model} */
    public int equation() {
        return equation;
    }

    /** {@return the key of its source in {@code docs/model/sources.csv}} */
    public String source() {
        return source;
    }

    /** {@return the key of its criterion in {@code words.properties}} */
    public String words() {
        return "map.zone." + name();
    }

    /** {@return the key of its name on a drawing} */
    public String shortWords() {
        return "map.short." + name();
    }

    /** {@return its place among the zones as the current rises, from 0} */
    public int heat() {
        return BY_HEAT.indexOf(this);
    }

    /** {@return which way a setting in this zone errs} */
    public Side side() {
        return switch (this) {
            case NO_FUSION, ROOT_NOT_FUSED, NOT_THROUGH -> Side.COLD;
            case GOOD -> Side.RIGHT;
            default -> Side.HOT;
        };
    }
}
