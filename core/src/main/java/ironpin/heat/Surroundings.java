package ironpin.heat;

/** What a piece stands in: it may change with time and with the heat that the piece takes out of it. */
public interface Surroundings {
    /**
     * Time goes on.
     *
     * @param seconds above 0
     * @param wattsPerGram into a gram of the piece while it did
     */
    void advance(double seconds, double wattsPerGram);

    /** How hot it is there, °C. @param below under the seat, or everywhere else */
    double celsius(boolean below);

    /** What passes a surface, W/(m²·K), 0 or more. @param below under the seat, or everywhere else */
    double transfer(boolean below);

    /** The coldest it can ever be, °C: where it is above 0 nothing freezes. */
    double coldest();

    /** What a thermometer in the vessel shows, °C. */
    default double medium() {
        return celsius(false);
    }

    /** How long nothing about it changes at a stroke, s: steps end there. */
    default double steady() {
        return Double.MAX_VALUE;
    }

    /** Whether the two sides stand in different things at any time. */
    default boolean sided() {
        return false;
    }
}
