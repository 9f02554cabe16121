package ironpin.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.batch.Appetite;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.batch.LotBuilder;
import ironpin.batch.PieceRule;
import ironpin.cook.CookMethod;
import ironpin.cook.Cooking;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.cook.Vessel;
import ironpin.dip.Dip;
import ironpin.dough.Kneading;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.MixSchool;
import ironpin.filling.SafeCore;
import ironpin.kit.Kit;
import ironpin.pantry.Flour;
import ironpin.pantry.Flours;
import ironpin.portion.Cutting;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.wording.Name;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A starting point that is complete: pick it, say how many eat, and every number has a default.
 *
 * @param key short stable name
 * @param name what the cook calls it
 * @param about one sentence
 * @param dough its dough
 * @param fillings what may fill it, the usual one first
 * @param doughBand dough in one piece that suits it
 * @param fillingBand filling in one piece that suits it
 * @param doughEach dough in one piece to start with
 * @param fillingEach filling in one piece to start with
 * @param shape how it is rolled
 * @param fold how it is closed
 * @param method how it is cooked
 * @param dip with what
 * @param usualPerEater pieces for one eater of usual appetite
 * @param bought the wrapper out of a pack that it is made with, if it is
 * @param longest how long its longest spell lasts, where its form wants more than its mass says
 */
@RecordBuilder
@RecordBuilder.Options(builderMode = RecordBuilder.BuilderMode.STANDARD_AND_STAGED)
public record Style(
        String key,
        String name,
        String about,
        DoughStart dough,
        List<FillingStart> fillings,
        Band<Mass> doughBand,
        Band<Mass> fillingBand,
        Mass doughEach,
        Mass fillingEach,
        Lot.Shape shape,
        Fold fold,
        CookMethod method,
        Dip dip,
        int usualPerEater,
        Optional<BoughtWrapper> bought,
        Optional<Duration> longest)
        implements StyleBuilder.With {
    /** Filling for one part of dough in a piece, at the least and at the most: usual practice. */
    public static final double LEAST_FILLING = 0.8;

    public static final double MOST_FILLING = 2.0;

    private static final Percentage LOSS = Percentage.of(1);
    private static final Mass TEST_PATTY = Mass.ofGrams(10);

    /**
     * The filling a style starts from.
     *
     * @param key short stable name
     * @param name what the cook calls it
     * @param kind what it is mostly about
     * @param formula its lines
     */
    public record FillingStart(String key, String name, FillingKind kind, FillingFormula formula) {}

    public Style {
        fillings = List.copyOf(fillings);
    }

    /** The filling it starts from. */
    public FillingStart filling() {
        return fillings.get(0);
    }

    /** The same with one of its fillings as the first; itself if it has none of that key. */
    public Style filledWith(String fillingKey) {
        Optional<FillingStart> wanted =
                fillings.stream().filter(one -> one.key().equals(fillingKey)).findFirst();
        return wanted.map(first -> withFillings(
                        Stream.concat(Stream.of(first), fillings.stream().filter(one -> !one.equals(first)))
                                .toList()))
                .orElse(this);
    }

    /** Pieces for one eater of this appetite, at least 1. */
    public int perEater(Appetite appetite) {
        return (int) Math.max(1, Math.round(usualPerEater * appetite.factor()));
    }

    /** Pieces for one eater of this appetite who eats so much of this style, in grams; at least 1. */
    public int perEater(double gramsEach) {
        double piece = doughEach.plus(fillingEach).grams();
        return (int) Math.max(1, Math.round(gramsEach / piece));
    }

    /** What fills one eater of this appetite who eats nothing else, g. */
    public double gramsEach(Appetite appetite) {
        return usualPerEater * appetite.factor() * doughEach.plus(fillingEach).grams();
    }

    /**
     * What its bands are said of, within a sentence: by name; a lot that is cooked another way now was only begun as this.
     *
     * @param now how the lot is cooked
     */
    public String said(CookMethod now) {
        String plain = Name.within(name);
        return now.kind().equals(method.kind()) ? plain : "begun as " + plain + ", which";
    }

    /** The dough of a new batch, of the flour in the kit, as wet as that flour wants. */
    public Dough startDough(int no, Kit kit) {
        Flour flour = kit.flour(dough.flour()).orElseGet(() -> Flours.get(dough.flour()));
        return new Dough(
                no,
                dough.family().label(),
                dough.family(),
                List.of(new FlourShare(flour, Percentage.of(100))),
                dough.formula().wetted(flour),
                dough.water(),
                dough.rest(),
                Kneading.usual(dough.family()),
                Optional.empty(),
                LOSS,
                Optional.empty());
    }

    /** The filling of a new batch. */
    public Filling startFilling(int no) {
        Mass patty = SafeCore.of(filling().formula()).mindRaw() ? TEST_PATTY : Mass.ZERO;
        return new Filling(
                no,
                filling().name(),
                filling().kind(),
                filling().formula(),
                MixSchool.suiting(filling().kind()).get(0),
                patty,
                LOSS,
                Optional.empty());
    }

    private Cooking cooking() {
        List<Spell> ready = method.ready(doughEach.plus(fillingEach), Vessel.usual(method.vessel()), Start.ROOM);
        Duration most = ready.stream().map(Spell::time).max(Duration::compareTo).orElse(Duration.ZERO);
        return longest.map(time -> Cooking.USUAL.with(ready.stream()
                        .map(spell -> spell.time().equals(most) ? spell.withTime(time) : spell)
                        .toList()))
                .orElse(Cooking.USUAL);
    }

    /** The lot of a new batch. */
    public Lot startLot(int no, int doughNo, int fillingNo, int each, Kit kit) {
        return LotBuilder.stagedBuilder()
                .no(no)
                .name(name)
                .style(key)
                .doughNo(doughNo)
                .fillingNo(fillingNo)
                .rule(new PieceRule.PerEater(each))
                .toFreezer(0)
                .doughEach(doughEach)
                .fillingEach(fillingEach)
                .shape(shape)
                .fold(fold)
                .method(method)
                .vessel(Vessel.usual(method.vessel()))
                .dip(dip)
                .bought(bought)
                .cutting(Cutting.USUAL)
                .stashed(false)
                .cooking(cooking().corrected(kit.hand().correction(method)))
                .handiwork(kit.hand().handiwork(fold))
                .build();
    }
}
