package ironpin.book;

/** What else cooks judge besides the skin and the filling, each where it can be: a lot is only asked about what it has. */
public enum Seen {
    RAW("raw in the middle", Of.ALL),
    UNEVEN("uneven pieces", Of.ALL),
    DRY_RIM("dry, cracked rim out of the pack", Of.BOUGHT),
    SEAT_PALE("pale underneath", Of.FAT),
    SEAT_BURNT("burnt underneath", Of.FAT),
    SOGGY("soggy seat", Of.SEAT),
    LACE_SOFT("skirt soft or torn", Of.SEAT),
    LEATHERY("leathery", Of.STEAMED),
    WATERY("wet with drips", Of.STEAMED),
    SOUP_LOST("soup gone", Of.SOUP),
    NOT_PUFFED("did not puff", Of.BREAD),
    OILY("oily", Of.FAT),
    THIN_PLACES("thin places", Of.BREAD),
    CLOUDY("broth cloudy", Of.BROTH),
    NOT_SWEET("not sweet enough", Of.SWEET),
    TOO_SWEET("too sweet", Of.SWEET),
    SYRUP_OUT("sugar ran out", Of.SWEET);

    /** Of which lots it can be seen. */
    public enum Of {
        ALL,
        BOUGHT,
        SEAT,
        STEAMED,
        SOUP,
        BREAD,
        FAT,
        BROTH,
        SWEET
    }

    private final String label;
    private final Of of;

    Seen(String label, Of of) {
        this.label = label;
        this.of = of;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Of which lots it can be seen. */
    public Of of() {
        return of;
    }
}
