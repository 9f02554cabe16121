package ironpin.batch;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.cook.CookMethod;
import ironpin.cook.Vessel;
import ironpin.dip.Dip;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.util.Optional;

/**
 * Pieces that share a dough, a filling, their sizes, a fold and a way of cooking.
 *
 * @param no its number in the batch, 1 or more
 * @param name what the cook calls it
 * @param style key of the style it came from
 * @param doughNo which dough
 * @param fillingNo which filling
 * @param rule how many pieces for the table
 * @param toFreezer pieces made besides, 0 to 5,000
 * @param doughEach dough in one piece, 1 to 500 g
 * @param fillingEach filling in one piece, 1 to 500 g
 * @param shape how it is rolled
 * @param fold how it is closed
 * @param method how it is cooked
 * @param vessel in what
 * @param dip with what
 * @param bought a wrapper out of a pack instead of the dough
 */
@RecordBuilder
public record Lot(
        int no,
        String name,
        String style,
        int doughNo,
        int fillingNo,
        PieceRule rule,
        int toFreezer,
        Mass doughEach,
        Mass fillingEach,
        Shape shape,
        Fold fold,
        CookMethod method,
        Vessel vessel,
        Dip dip,
        Optional<BoughtWrapper> bought)
        implements LotBuilder.With {
    /**
     * How a piece is rolled.
     *
     * @param rope thickness of the rope it is cut from
     * @param disc width it is rolled or pressed to
     * @param centreToRim thickness in the middle ÷ at the rim, 1 to 4
     */
    @RecordBuilder
    public record Shape(Length rope, Length disc, double centreToRim) implements LotShapeBuilder.With {
        public Shape {
            if (!(centreToRim >= 1 && centreToRim <= 4)) {
                throw new Refused("the centre is 1 to 4 times the rim, not " + centreToRim);
            }
        }
    }

    public Lot {
        name = Typed.name(name);
        if (name.isBlank() || name.length() > 80) {
            throw new Refused("a lot's name has 1 to 80 characters");
        }
        demandPiece("dough", doughEach);
        demandPiece("filling", fillingEach);
        if (toFreezer < 0 || toFreezer > 5_000) {
            throw new Refused("0 to 5,000 pieces for the freezer, not " + toFreezer);
        }
    }

    private static void demandPiece(String what, Mass each) {
        if (each.grams() < 1 || each.grams() > 500) {
            throw new Refused("1 to 500 g of " + what + " in a piece, not " + each);
        }
    }

    /** Skin of one piece: its dough, or its bought wrapper. */
    public Mass skinEach() {
        return bought.map(BoughtWrapper::each).orElse(doughEach);
    }

    /** Width of the wrapper: as rolled, or as it comes out of the pack. */
    public Length wide() {
        return bought.map(BoughtWrapper::size).orElse(shape.disc());
    }

    /** Folded another way, or in a simple one if the wrapper cannot hold it. */
    @Override
    public Lot withFold(Fold changed) {
        Fold holds = bought.map(wrapper -> wrapper.holding(changed)).orElse(changed);
        return LotBuilder.builder(this).fold(holds).build();
    }

    /** Out of a pack, or from the dough again; a fold that the wrapper cannot hold gives way to a simple one. */
    @Override
    public Lot withBought(Optional<BoughtWrapper> changed) {
        Fold holds = changed.map(wrapper -> wrapper.holding(fold)).orElse(fold);
        return LotBuilder.builder(this).fold(holds).bought(changed).build();
    }
}
