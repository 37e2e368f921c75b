package vastarc.core.equipment;

/** How a knob's figures spread over its sweep. */
public enum Taper {
    /** Evenly. */
    LINEAR {
        @Override
        double share(double low, double high, double value) {
            return (value - low) / (high - low);
        }

        @Override
        double value(double low, double high, double share) {
            return low + (high - low) * share;
        }
    },
    /** Each part of the sweep multiplies by the same; low must be above zero. */
    LOGARITHMIC {
        @Override
        double share(double low, double high, double value) {
            return Math.log(value / low) / Math.log(high / low);
        }

        @Override
        double value(double low, double high, double share) {
            return low * Math.pow(high / low, share);
        }
    },
    /** Wide at the low end: the figure grows with the square of the turn. */
    SQUARE {
        @Override
        double share(double low, double high, double value) {
            return Math.sqrt((value - low) / (high - low));
        }

        @Override
        double value(double low, double high, double share) {
            return low + (high - low) * share * share;
        }
    };

    /** Share of the sweep for a value between low and high. */
    abstract double share(double low, double high, double value);

    /** Value at a share of the sweep. */
    abstract double value(double low, double high, double share);
}
