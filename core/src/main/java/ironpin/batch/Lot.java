package ironpin.batch;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.cook.CookMethod;
import ironpin.cook.Cooking;
import ironpin.cook.Spell;
import ironpin.cook.Vessel;
import ironpin.dip.Dip;
import ironpin.portion.Cutting;
import ironpin.portion.PortionSchool;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import ironpin.wrapper.Outline;
import ironpin.wrapper.RollSchool;
import java.util.List;
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
 * @param cutting how its dough becomes pieces
 * @param stashed whether its pieces lie in the freezer already: nothing is made for them, they are cooked
 * @param cooking from where, and in which spells
 * @param handiwork how full the cook closes this fold with ease, and how long a piece takes
 */
@RecordBuilder
@RecordBuilder.Options(builderMode = RecordBuilder.BuilderMode.STANDARD_AND_STAGED)
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
        Optional<BoughtWrapper> bought,
        Cutting cutting,
        boolean stashed,
        Cooking cooking,
        Handiwork handiwork)
        implements LotBuilder.With {
    /** Characters of its name. */
    public static final int LONGEST_NAME = 80;

    /**
     * How a piece is rolled.
     *
     * @param rope thickness of the rope it is cut from
     * @param disc width it is rolled or pressed to
     * @param centreToRim thickness in the middle ÷ at the rim, 1 to 4
     * @param slice width of a slice, if it is cut from a rolled sheet, 10 to 120 mm
     * @param dusting flour that is strewn while rolling, 0 to 20 % of the dough's weight
     * @param rolling how a piece becomes a wrapper
     * @param givesWay which number follows when another one is set
     */
    @RecordBuilder
    public record Shape(
            Length rope,
            Length disc,
            double centreToRim,
            Length slice,
            Percentage dusting,
            RollSchool rolling,
            GivesWay givesWay)
            implements LotShapeBuilder.With {
        /** About three centimetres. */
        public static final Length USUAL_SLICE = Length.ofMillimetres(30);

        /** Until it is weighed. */
        public static final Percentage NOT_DUSTED = Percentage.of(0);

        /** Rolled by hand, whatever rim that gives. */
        public static Shape of(Length rope, Length disc, double centreToRim) {
            RollSchool rolling = centreToRim > 1 ? RollSchool.THICK_CENTRE : RollSchool.EVEN;
            return new Shape(rope, disc, centreToRim, USUAL_SLICE, NOT_DUSTED, rolling, GivesWay.RIM);
        }

        public Shape {
            if (slice.millimetres() < 10 || slice.millimetres() > 120) {
                throw new Refused("a slice is 10 to 120 mm wide, not " + slice);
            }
            if (dusting.percent() < 0 || dusting.percent() > 20) {
                throw new Refused("dusting flour is 0 to 20 % of the dough, not " + dusting);
            }
            if (!(centreToRim >= 1 && centreToRim <= 4)) {
                throw new Refused("the centre is 1 to 4 times the rim, not " + centreToRim);
            }
        }
    }

    /** Of a wrapper's dough, width, centre to rim and rim, the one that follows from the three others. */
    public enum GivesWay {
        RIM("the rim"),
        WIDTH("the width"),
        RATIO("centre to rim"),
        DOUGH("the dough in a piece");

        private final String label;

        GivesWay(String label) {
            this.label = label;
        }

        /** In a cook's words. */
        public String label() {
            return label;
        }
    }

    public Lot {
        name = Typed.name(name);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Refused("a lot's name has 1 to " + LONGEST_NAME + " characters");
        }
        demandPiece("dough", doughEach);
        demandPiece("filling", fillingEach);
        if (toFreezer < 0 || toFreezer > PieceRule.MOST) {
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

    /** What its wrapper looks like before it is folded. */
    public Outline outline() {
        return bought.map(BoughtWrapper::outline).orElse(fold.outline());
    }

    /** Its spells. @param piece mass of one, dough and filling */
    public List<Spell> spells(Mass piece) {
        return cooking.spells(method, piece, vessel);
    }

    /** The folds its skin can take; a wrapper made here is cut as its fold wants it. */
    public List<Fold> folds() {
        return bought.map(BoughtWrapper::folds).orElseGet(() -> List.of(Fold.values()));
    }

    /** Whether pieces are cut out of a rolled sheet. */
    public boolean fromSheet() {
        return bought.isEmpty()
                && outline() != Outline.STRIP
                && cutting.school().sheet();
    }

    /** Dough that is taken for each gram that ends in a piece (est.): what is trimmed off is over. 1 or more. */
    public double taken() {
        if (bought.isPresent() || outline() == Outline.STRIP) {
            return 1;
        }
        return fromSheet() ? cutting.taken(shape.disc()) : shape.rolling().taken();
    }

    /**
     * Folded another way, or in a simple one if the wrapper cannot hold it. A square fold wants squares; what is known of the hands
     * at the old fold is not known of the new one.
     */
    @Override
    public Lot withFold(Fold changed) {
        Fold holds = bought.map(wrapper -> wrapper.holding(changed)).orElse(changed);
        return LotBuilder.builder(this)
                .fold(holds)
                .cutting(cutFor(holds))
                .handiwork(holds == fold ? handiwork : Handiwork.usual(holds))
                .build();
    }

    private Cutting cutFor(Fold closed) {
        boolean squares = cutting.school() == PortionSchool.SQUARES;
        if (bought.isPresent() || squares == (closed.outline() == Outline.SQUARE)) {
            return cutting;
        }
        return cutting.withSchool(squares ? PortionSchool.CUTTER : PortionSchool.SQUARES);
    }

    /** Cut another way; squares take a square fold, and what had one is folded over plainly once it is round again. */
    @Override
    public Lot withCutting(Cutting changed) {
        boolean squares = changed.school() == PortionSchool.SQUARES;
        Lot cut = LotBuilder.builder(this).cutting(changed).build();
        if (bought.isPresent() || squares == (fold.outline() == Outline.SQUARE)) {
            return cut;
        }
        return cut.withFold(squares ? Fold.TRIANGLE : Fold.HALF_MOON);
    }

    /** Out of a pack, or from the dough again; a fold that the wrapper cannot hold gives way to a simple one. */
    @Override
    public Lot withBought(Optional<BoughtWrapper> changed) {
        Fold holds = changed.map(wrapper -> wrapper.holding(fold)).orElse(fold);
        return LotBuilder.builder(this)
                .fold(holds)
                .bought(changed)
                .handiwork(holds == fold ? handiwork : Handiwork.usual(holds))
                .build();
    }
}
