package ironpin.cook;

/** What pieces stand in within one vessel, as it changes with the hob and with the heat that they take out of it (est.). */
interface Medium {
    /** Of the kitchen and of water out of the tap, °C. */
    double ROOM = 20;

    double TAP = BoilOff.TAP.celsius();

    /** Of water that boils at sea level, °C. */
    double BOILS = 100;

    /** Heat of a gram of water, J/K, and what it takes along as steam, J. */
    double WATER = 4.18;

    double STEAM = 2_257;

    /** What the cook does at the beginning of a spell. */
    void begin(Spell spell);

    /** Time goes on. @param watts into all pieces together */
    void advance(double seconds, double watts);

    double celsius(boolean below);

    double transfer(boolean below);

    /** What a thermometer in it shows. */
    double thermometer();

    /** Whether nothing in it can boil dry, or has; grams of water that are in it, or 0. */
    double water();
}
