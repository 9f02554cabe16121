package ironpin.schedule;

import static ironpin.schedule.Evening.at;

/** Evenings whose first minute was worked out by hand. */
public final class EveningCases {
    private EveningCases() {}

    /** A name, the evening, when it begins. */
    public static Object[][] begun() {
        return new Object[][] {
            {"filling inside the rest", Evening.of(1).problem(), at(17, 35)},
            {"rest of 40", Evening.of(1).filling(40).problem(), at(17, 25)},
            {"filling before the dough", Evening.of(1).filling(60).problem(), at(16, 35)},
            {
                "rest goes on in the fridge",
                Evening.of(1).filling(60).withFridge().problem(),
                at(17, 5)
            },
            {"two in step", Evening.of(2).problem(), at(17, 50)},
        };
    }
}
