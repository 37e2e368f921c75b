package vastarc.core.base.units;

/** A value formatted for display: the number as text, and its unit. */
public record FormattedQuantity(String figure, String unit) {

    /** {@return figure and unit in one line; degree and percent signs close up to the figure} */
    public String line() {
        if (unit.isEmpty()) {
            return figure;
        }
        return unit.equals("°") || unit.equals("%") ? figure + unit : figure + " " + unit;
    }
}
