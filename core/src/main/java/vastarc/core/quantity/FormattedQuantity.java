package vastarc.core.quantity;

/** A figure made ready for the eye: the number as text, and the unit beside it. */
public record FormattedQuantity(String figure, String unit) {

    /** Figure and unit in one line; degree and percent signs close up to the figure. */
    public String line() {
        if (unit.isEmpty()) {
            return figure;
        }
        return unit.equals("°") || unit.equals("%") ? figure + unit : figure + " " + unit;
    }
}
