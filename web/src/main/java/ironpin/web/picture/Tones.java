package ironpin.web.picture;

import ironpin.dough.DoughFamily;
import ironpin.filling.FillingKind;
import ironpin.plan.LotPlan;

/** Which colour class a dough or a filling is drawn in, and what marks of several pictures look like. */
public final class Tones {
    /** Letters over a strand are read off its ground. */
    static final String OFF_GROUND = "[paint-order:stroke] stroke-flour stroke-[8px] [stroke-linejoin:round]";

    /** What is not there, or not yet. */
    static final String GHOST = "fill-none stroke-quiet stroke-[1.3] [stroke-dasharray:3_3]";

    /** Where a knife goes. */
    static final String CUT = "fill-none stroke-ink stroke-[1.6]";

    private Tones() {}

    /** A dough by its family. */
    public static String of(DoughFamily family) {
        return switch (family) {
            case COLD_WATER, EGG, OILED_SHEET -> "dough-pale";
            case WARM_WATER, PART_SCALDED, FULL_SCALD, SOFT_ENRICHED, CLEAR_STARCH -> "dough-warm";
            case WHOLEMEAL, MAIZE -> "dough-brown";
        };
    }

    /** The skin of a lot: its dough, or a wrapper out of a pack. */
    public static String skin(LotPlan lot) {
        return lot.lot().bought().isPresent()
                ? "fill-flour-strand"
                : of(lot.dough().family());
    }

    /** A filling by what it is mostly about. */
    public static String of(FillingKind kind) {
        return switch (kind) {
            case RED_MEAT -> "fill-meat";
            case POULTRY, EGG -> "fill-poultry";
            case SEAFOOD -> "fill-sea";
            case VEGETABLE -> "fill-green";
            case CHEESE, PULSE -> "fill-pumpkin";
            case SWEET -> "fill-sweet";
        };
    }
}
