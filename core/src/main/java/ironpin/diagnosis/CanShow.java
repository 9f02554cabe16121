package ironpin.diagnosis;

import ironpin.book.FillingVerdict;
import ironpin.book.Seen;
import ironpin.book.SkinVerdict;
import ironpin.cook.Steam;
import ironpin.cook.VesselKind;
import ironpin.filling.FillingKind;
import ironpin.plan.LotPlan;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What a lot is asked about: what was not seen says something only where somebody looked. */
public final class CanShow {
    private CanShow() {}

    /** What else can be seen of such a lot. */
    public static List<Seen> seen(LotPlan lot) {
        return Arrays.stream(Seen.values()).filter(one -> applies(one, lot)).toList();
    }

    private static boolean applies(Seen seen, LotPlan lot) {
        VesselKind vessel = lot.lot().vessel().kind();
        return switch (seen.of()) {
            case ALL -> true;
            case BOUGHT -> lot.lot().bought().isPresent();
            case SEAT -> vessel == VesselKind.PAN;
            case STEAMED -> lot.lot().method() instanceof Steam;
            case SOUP -> lot.filling().formula().aspic().isPresent();
            case BREAD -> lot.bread().isPresent();
            case FAT -> vessel == VesselKind.PAN || vessel == VesselKind.GRIDDLE;
            case BROTH -> vessel == VesselKind.POT || vessel == VesselKind.DISH;
            case SWEET -> lot.filling().kind() == FillingKind.SWEET;
        };
    }

    /** By the names of the table. */
    static List<String> of(LotPlan lot) {
        List<String> asked = new ArrayList<>(Symptom.COUNTED);
        for (SkinVerdict one : SkinVerdict.values()) {
            if (one != SkinVerdict.RIGHT) {
                asked.add(Symptom.key(one));
            }
        }
        for (FillingVerdict one : FillingVerdict.values()) {
            if (one != FillingVerdict.RIGHT) {
                asked.add(Symptom.key(one));
            }
        }
        if (lot.filling().kind() == FillingKind.SWEET) {
            // How sweet it is, is asked; nobody salts it.
            asked.removeAll(List.of(Symptom.key(FillingVerdict.BLAND), Symptom.key(FillingVerdict.SALTY)));
        }
        seen(lot).forEach(one -> asked.add(Symptom.key(one)));
        return asked;
    }
}
