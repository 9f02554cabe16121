package ironpin.heat;

import ironpin.refusal.Refused;

/**
 * What conducts and stores heat, thawed and frozen. Heat content is counted from −60 °C. Between where the first ice melts and the
 * freezing point the melting heat is taken up as in moist food, {@code ice(T) = w·(1 − T_f/T)} for T below T_f (Raoult, dilute).
 * Nothing moist gets over 100 °C before its water has left it as steam.
 *
 * @param conductivity thawed, W/(m·K), above 0
 * @param frozenConductivity with all its water as ice, W/(m·K), above 0
 * @param density kg/m³, above 0; taken as the same frozen
 * @param heat thawed, J/(kg·K), above 0
 * @param frozenHeat frozen, without the melting, J/(kg·K), above 0
 * @param water share of the mass that freezes, 0 to 1
 * @param freezes where the first ice comes, °C, below 0
 */
public record Matter(
        double conductivity,
        double frozenConductivity,
        double density,
        double heat,
        double frozenHeat,
        double water,
        double freezes) {
    /** A moist filling of meat or vegetables: usual values of food engineering. */
    public static final Matter FILLING = new Matter(0.45, 1.3, 1_060, 3_400, 1_900, 0.66, -1.5);

    /** A wheat dough of about half as much water as flour. */
    public static final Matter DOUGH = new Matter(0.40, 0.85, 1_220, 2_700, 1_700, 0.34, -3.5);

    /** Melting heat of ice, J/kg. */
    static final double MELTING = 334_000;

    /** Heat that water takes along as it leaves as steam, J/kg. */
    static final double BOILING_AWAY = 2_257_000;

    /** Where a moist surface stays until it is dry, °C. */
    static final double DRIES = 100;

    /** From where heat content is counted, °C. */
    static final double COLDEST = -60;

    public Matter {
        if (!(conductivity > 0 && frozenConductivity > 0 && density > 0 && heat > 0 && frozenHeat > 0)) {
            throw new Refused("matter conducts and stores heat: each of its numbers is above 0");
        }
        if (!(water >= 0 && water <= 1) || !(freezes < 0 && freezes > COLDEST)) {
            throw new Refused("0 to 100 % of it is water that freezes below 0 °C");
        }
    }

    /** The same, taking up so much more heat. */
    Matter slower(double times) {
        return new Matter(conductivity, frozenConductivity, density * times, heat, frozenHeat, water, freezes);
    }

    /** The same, conducting so much better. */
    Matter conducting(double times) {
        return new Matter(conductivity * times, frozenConductivity * times, density, heat, frozenHeat, water, freezes);
    }

    /** Share of its water that is ice. */
    double ice(double celsius) {
        return celsius >= freezes ? 0 : 1 - freezes / celsius;
    }

    /** Heat content of a kilogram over that at the coldest, J. */
    double content(double celsius) {
        double ofIce = water * MELTING;
        if (celsius <= freezes) {
            return frozenHeat * (celsius - COLDEST) + ofIce * (ice(COLDEST) - ice(celsius));
        }
        double drying = celsius > DRIES ? water * BOILING_AWAY : 0;
        return content(freezes) + heat * (celsius - freezes) + drying;
    }

    /** The temperature at a heat content, °C; the inverse of {@link #content}. */
    double temperature(double content) {
        return temperature(content, content(freezes));
    }

    /** The same where what it holds at its freezing point is at hand. */
    double temperature(double content, double melted) {
        if (content >= melted) {
            double celsius = freezes + (content - melted) / heat;
            return celsius <= DRIES ? celsius : Math.max(DRIES, celsius - water * BOILING_AWAY / heat);
        }
        // frozenHeat·(T − T₀) + w·L·(T_f/T − T_f/T₀) = content, a quadratic in T with one root below T_f.
        double a = frozenHeat;
        double latent = water * MELTING;
        double b = -frozenHeat * COLDEST - latent * freezes / COLDEST - content;
        double c = latent * freezes;
        double root = Math.sqrt(Math.max(0, b * b - 4 * a * c));
        return (-b - root) / (2 * a);
    }

    /** How well it conducts, W/(m·K): between thawed and frozen by its ice. */
    double conducts(double celsius) {
        return conductivity + (frozenConductivity - conductivity) * ice(celsius);
    }
}
