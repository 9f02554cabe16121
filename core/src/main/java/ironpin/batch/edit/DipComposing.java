package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.dip.Dip;
import ironpin.dip.Dips;
import java.util.function.UnaryOperator;

/** Changes of what a lot's dip is made of, as the cook chooses them. A dip that ships and is changed gets a name of its own. */
public final class DipComposing {
    private static final String NAMELESS = "Our dip";
    private static final String OURS = ", our way";

    private DipComposing() {}

    /** A line more, one part of it; at twenty lines nothing changes. */
    public static Batch add(Batch batch, int lotNo, String ingredient) {
        return change(
                batch,
                lotNo,
                dip -> dip.parts().size() >= Dip.MOST_PARTS ? dip : dip.plus(new Dip.Part(ingredient.strip(), 1)));
    }

    /** A line less; without its last one there is no dip. @param index which, from 0 */
    public static Batch drop(Batch batch, int lotNo, int index) {
        return change(batch, lotNo, dip -> dip.parts().size() == 1 ? Dips.NONE : dip.without(index));
    }

    /** A line changed. @param index which, from 0 */
    public static Batch line(Batch batch, int lotNo, int index, Dip.Part part) {
        return change(batch, lotNo, dip -> dip.with(index, part));
    }

    /** The dip called something else. */
    public static Batch rename(Batch batch, int lotNo, String name) {
        return batch.withDip(lotNo, batch.lot(lotNo).dip().named(name));
    }

    private static Batch change(Batch batch, int lotNo, UnaryOperator<Dip> change) {
        Dip before = batch.lot(lotNo).dip();
        Dip after = change.apply(before);
        if (after.equals(before) || after.equals(Dips.NONE)) {
            return batch.withDip(lotNo, after);
        }
        boolean ships = Dips.named(before.name()).isPresent();
        String name = before.parts().isEmpty() ? NAMELESS : before.name() + OURS;
        return batch.withDip(lotNo, ships ? after.named(name) : after);
    }
}
