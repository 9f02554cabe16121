package ironpin.web.sheet;

import ironpin.allergen.AllergenLines;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.WeighedDough;
import ironpin.filling.FillingLine;
import ironpin.filling.OrderCard;
import ironpin.filling.SafeCore;
import ironpin.household.Household;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.web.page.Screen;
import ironpin.wording.Count;
import ironpin.wording.Name;
import ironpin.wording.Span;
import java.util.ArrayList;
import java.util.List;

/** The bench sheet: every dough and filling once, with what of it goes to which lot; then the lots, and the clock. */
public final class SheetScreen {

    private final Screen screen;
    private final BatchPlan plan;

    SheetScreen(Screen screen) {
        this.screen = screen;
        this.plan = screen.plan();
    }

    /** A line that is weighed. */
    public record Line(Sentence name, Sentence mass) {}

    /**
     * A dough or a filling.
     *
     * @param name of it
     * @param total of it
     * @param lines weighed
     * @param steps what is done, in order
     * @param shares which lot gets what of it
     */
    public record Made(String name, Sentence total, List<Line> lines, List<Sentence> steps, List<Line> shares) {}

    /**
     * A lot.
     *
     * @param title how many of what
     * @param how to make and cook them, in sentences
     * @param dip what is stirred together for it; empty without one
     * @param contains what some must avoid
     */
    public record Pieces(String title, List<Sentence> how, Sentence dip, String contains) {}

    public Screen screen() {
        return screen;
    }

    public List<Made> doughs() {
        return plan.batch().doughs().stream()
                .filter(dough -> !share(dough).made().flour().isZero())
                .map(this::dough)
                .toList();
    }

    private Balance.OfDough share(Dough dough) {
        return plan.balance().dough(dough.no());
    }

    private Made dough(Dough dough) {
        Balance.OfDough share = share(dough);
        List<Line> lines = new ArrayList<>();
        for (WeighedDough.Line one : WeighedDough.of(dough, share.made()).lines()) {
            lines.add(new Line(one.said(), one.amount()));
        }
        String stem = "dough-" + dough.no() + ".";
        List<Sentence> steps = plan.timetable().slots().stream()
                .map(slot -> slot.task())
                .filter(task -> task.key().startsWith(stem))
                .map(task -> Sentence.of(task.name(), ": ", Span.of(task.time()), "."))
                .toList();
        List<Line> shares = new ArrayList<>();
        for (LotPlan lot : plan.lots()) {
            if (lot.lot().doughNo() == dough.no()
                    && lot.lot().bought().isEmpty()
                    && lot.share().pieces() > 0) {
                shares.add(to(lot, lot.share().doughEach()));
            }
        }
        shares.add(line(Sentence.of("hands and bench"), share.lost()));
        shares.add(line(Sentence.of("left over"), share.left()));
        return new Made(dough.name(), Quantity.grams(share.made().total().grams()), lines, steps, given(shares));
    }

    public List<Made> fillings() {
        return plan.batch().fillings().stream()
                .filter(filling -> !plan.balance().filling(filling.no()).made().isZero())
                .map(this::filling)
                .toList();
    }

    private Made filling(Filling filling) {
        Balance.OfFilling share = plan.balance().filling(filling.no());
        List<Mass> masses = filling.formula().masses(share.made());
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < masses.size(); i++) {
            FillingLine line = filling.formula().lines().get(i);
            lines.add(new Line(Sentence.of(line.ingredient()), Household.weighed(line.ingredient(), masses.get(i))));
        }
        List<Sentence> steps = new ArrayList<>();
        for (OrderCard.Step step : OrderCard.of(
                        filling.formula(),
                        share.made(),
                        filling.school(),
                        filling.testPatty(),
                        screen.kit().hand())
                .steps()) {
            steps.add(
                    switch (step.kind()) {
                        case PREPARE -> step.said();
                        case TASTE ->
                            Sentence.of(
                                    step.text(),
                                    " ",
                                    Quantity.grams(share.patty().grams()),
                                    " of the filling.");
                        default -> Sentence.of(step.text() + " " + names(step) + ".");
                    });
        }
        List<Line> shares = new ArrayList<>();
        for (LotPlan lot : plan.lots()) {
            if (lot.lot().fillingNo() == filling.no() && lot.share().pieces() > 0) {
                shares.add(to(lot, lot.share().fillingEach()));
            }
        }
        shares.add(line(Sentence.of("the test patty"), share.patty()));
        shares.add(line(Sentence.of("the bowl keeps"), share.lost()));
        shares.add(line(Sentence.of("left over"), share.left()));
        return new Made(
                Name.first(filling.called()), Quantity.grams(share.made().grams()), lines, steps, given(shares));
    }

    /** The lines are weighed once, in the table; the steps only name them. */
    private static String names(OrderCard.Step step) {
        return String.join(
                ", ", step.lines().stream().map(OrderCard.Weighed::name).toList());
    }

    private static Line to(LotPlan lot, Mass each) {
        int pieces = lot.share().pieces();
        return new Line(
                Sentence.of(
                        pieces, " ", Name.within(lot.lot().name()), ", ", Quantity.fineGrams(each.grams()), " each"),
                Quantity.weighed(each.times(pieces)));
    }

    private static List<Line> given(List<Line> shares) {
        Sentence nothing = Quantity.weighed(Mass.ZERO);
        return shares.stream().filter(line -> !line.mass().equals(nothing)).toList();
    }

    public List<Pieces> lots() {
        return plan.lots().stream()
                .filter(lot -> lot.share().pieces() > 0)
                .map(this::lot)
                .toList();
    }

    private Pieces lot(LotPlan lot) {
        Batch batch = plan.batch();
        List<Sentence> how = new ArrayList<>();
        Lot own = lot.lot();
        own.bought()
                .ifPresentOrElse(
                        wrapper -> how.add(
                                Sentence.of(Count.of(lot.packs().orElseThrow().packs(), "pack", "packs") + " of "
                                        + wrapper.perPack() + " bought wrappers.")),
                        () -> how.add(Sentence.of(
                                "From the ",
                                Name.within(lot.dough().name()),
                                ": cut ",
                                Count.of(lot.rope().ropes(), "rope", "ropes"),
                                " into ",
                                lot.rope().longest(),
                                lot.rope().ropes() == 1 ? ", " : " each, ",
                                Quantity.fineGrams(lot.share().doughEach().grams()),
                                " a piece; roll to ",
                                Quantity.mm(own.wide().millimetres()),
                                ".")));
        how.add(Sentence.of(
                "Fill with ",
                Quantity.fineGrams(lot.share().fillingEach().grams()),
                " of the ",
                lot.filling().called(),
                ": ",
                own.fold().label(),
                "."));
        List<Integer> rounds = lot.rounds().sizes();
        if (!rounds.isEmpty()) {
            SafeCore core = SafeCore.of(lot.filling().formula());
            how.add(Sentence.of(
                    Name.first(own.method().done()),
                    " in ",
                    Count.of(rounds.size(), "round", "rounds"),
                    " of ",
                    rounds.size() == 1 ? "" : "at most ",
                    rounds.get(0),
                    ", ",
                    Span.of(lot.roundTime()),
                    " each (est.); ",
                    Quantity.celsius(core.core().celsius()),
                    " in the middle."));
        }
        if (lot.share().toFreezer() > 0) {
            how.add(Sentence.of(lot.share().toFreezer() + " of them to the freezer."));
        }
        return new Pieces(
                lot.share().pieces() + " " + Name.within(own.name()),
                how,
                dip(own, batch.eaters()),
                AllergenLines.ofLot(batch, own).said());
    }

    private static Sentence dip(Lot lot, int eaters) {
        List<Sentence> parts = lot.dip().forEaters(eaters).stream()
                .map(part -> Sentence.of(Quantity.ml(part.millilitres()), " ", part.ingredient()))
                .toList();
        return parts.isEmpty() ? Sentence.EMPTY : Sentence.of(lot.dip().name(), ": ", Sentence.join(", ", parts), ".");
    }

    /** What some must avoid in all of it. */
    public String contains() {
        return AllergenLines.ofSupper(plan.batch()).said() + ". " + AllergenLines.NOT_COUNTED;
    }

    private static Line line(Sentence name, Mass mass) {
        return new Line(name, Quantity.weighed(mass));
    }
}
