package ironpin.quantity;

/** What kind of quantity a number is, and how each system of units says it. */
public enum Dimension {
    /** Grams; ounces and pounds. */
    MASS("g", "oz", 28.349523125, 0),
    /** Degrees Celsius; Fahrenheit. */
    TEMPERATURE("°C", "°F", 1 / 1.8, -32 / 1.8),
    /** Millimetres; inches. */
    LENGTH("mm", "in", 25.4, 0),
    /** Millilitres; spoons and cups. */
    VOLUME("ml", "fl oz", 29.5735295625, 0),
    /** Grams in a centimetre of rope; ounces in an inch. */
    MASS_PER_LENGTH("g/cm", "oz/in", 28.349523125 / 2.54, 0);

    private final String metric;
    private final String us;
    private final double scale;
    private final double shift;

    Dimension(String metric, String us, double scale, double shift) {
        this.metric = metric;
        this.us = us;
        this.scale = scale;
        this.shift = shift;
    }

    String unit(UnitSystem system) {
        return system.metric() ? metric : us;
    }

    /** From the metric unit to the system's. */
    double shown(double metricValue, UnitSystem system) {
        return system.metric() ? metricValue : (metricValue - shift) / scale;
    }

    /** From the system's unit to the metric one. */
    double metric(double shownValue, UnitSystem system) {
        return system.metric() ? shownValue : shownValue * scale + shift;
    }
}
