package vastarc.core.vision;

/**
 * A number and how sure it is.
 *
 * @param value     the number
 * @param plusMinus half of the interval that holds the true one with a chance of nine in ten
 */
public record Uncertain(double value, double plusMinus) {

    /** Standard deviations that leave one in ten outside. */
    static final double NINE_OF_TEN = 1.6448536269514722;
}
