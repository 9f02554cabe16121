package ironpin.pantry;

/** What some eaters must avoid. */
public enum Allergen {
    GLUTEN("gluten"),
    EGG("egg"),
    MILK("milk"),
    SOY("soy"),
    SESAME("sesame"),
    CRUSTACEANS("crustaceans"),
    MOLLUSCS("molluscs"),
    FISH("fish"),
    NUTS("nuts"),
    PEANUTS("peanuts"),
    MUSTARD("mustard"),
    LUPIN("lupin"),
    CELERY("celery"),
    SULPHITES("sulphites");

    private final String label;

    Allergen(String label) {
        this.label = label;
    }

    /** In a word. */
    public String label() {
        return label;
    }
}
