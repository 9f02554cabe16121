package ironpin.web.dough;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.FlourShare;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.balance.WeighedDough;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.BenchCorrection;
import ironpin.batch.edit.DoughField;
import ironpin.clock.TaskKey;
import ironpin.dough.BenchFeel;
import ironpin.dough.Bowl;
import ironpin.dough.Correction;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughLine;
import ironpin.dough.DoughMasses;
import ironpin.dough.KneadSchool;
import ironpin.dough.RestPlan;
import ironpin.pantry.Flour;
import ironpin.quantity.Decimal;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.style.DoughStart;
import ironpin.web.page.Corrected;
import ironpin.web.page.FieldView;
import ironpin.web.page.OneOf;
import ironpin.web.page.Option;
import ironpin.web.page.Ringing;
import ironpin.web.page.RunStep;
import ironpin.web.page.Screen;
import ironpin.wording.Count;
import ironpin.wording.Span;
import ironpin.wrapper.BoughtWrapper;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What the dough station shows of a screen: its flours, its lines, the choices there are, and the steps to a rested dough. */
public final class DoughScreen {
    private static final Set<TaskKey.OfDough.Step> KNEADING =
            EnumSet.of(TaskKey.OfDough.Step.KNEAD, TaskKey.OfDough.Step.REST);

    /** A skin that is not bought, as a form sends it. */
    static final String MADE = "made";

    private static final int MOST_FLOURS = 3;

    private final Screen screen;
    private final Dough dough;
    private final Address.OfDough here;
    private final WeighedDough weighed;

    DoughScreen(Screen screen) {
        this.screen = screen;
        this.dough = screen.lot().dough();
        this.here = Address.dough(dough.no());
        this.weighed = screen.weighedDough();
    }

    /**
     * A flour of the dough.
     *
     * @param index its place
     * @param flour which
     * @param share of all flour, editable if there are several
     * @param grams of it, editable
     * @param fills cups and spoons of it, where those are read
     */
    public record FlourLine(int index, Flour flour, FieldView share, FieldView grams, Sentence fills) {}

    /**
     * Anything else in the dough.
     *
     * @param name what it is
     * @param share of the flour, editable
     * @param grams of it, editable
     * @param fills cups and spoons of it, where those are read
     * @param note what to know
     */
    public record AdditionLine(String name, FieldView share, FieldView grams, Sentence fills, String note) {}

    /**
     * A step on the way to a rested dough.
     *
     * @param step what to do
     * @param run the same as a step of the day; null where it takes no time of its own
     * @param range least and most, in words
     */
    public record KneadLine(RestPlan.Step step, InTheDay run, String range) {}

    /**
     * How far a step has come, as its line shows it.
     *
     * @param at planned start
     * @param open timers that can be started
     * @param timers that have not been stopped
     */
    public record InTheDay(String key, String at, boolean done, List<RunStep.Offer> open, List<Ringing> timers) {
        static InTheDay of(RunStep step) {
            return new InTheDay(step.key(), step.at(), step.done(), step.open(), step.timers());
        }
    }

    /**
     * What a feel would lead to.
     *
     * @param feel how the dough feels
     * @param step what would be added, in a few words
     * @param then what would follow, in a sentence
     */
    public record FeelStep(BenchFeel feel, Sentence step, Sentence then) {}

    /** One step for every feel, worked out on this dough. */
    public List<FeelStep> feels() {
        return screen.says().once(new Feels(dough.no()), plan -> solved());
    }

    private record Feels(int dough) {}

    private List<FeelStep> solved() {
        DoughMasses made = screen.plan().balance().dough(dough.no()).made();
        if (made.flour().isZero() || made.of(DoughAddition.WATER).isZero()) {
            return List.of();
        }
        return BenchFeel.of(dough.family()).stream()
                .map(feel -> BenchCorrection.of(screen.batch(), made, dough.no(), feel))
                .filter(step -> step.holds(dough.no()))
                .map(this::step)
                .toList();
    }

    private FeelStep step(BenchCorrection step) {
        Correction made = step.correction();
        return new FeelStep(
                made.feel(),
                Corrected.brief(made),
                Sentence.of(Corrected.full(made), ", then ", follows(step.batch(), step.hydration())));
    }

    /** What the dough in the bowl comes to, once it has been corrected; empty before. */
    public Sentence comesTo() {
        return screen.corrected().isEmpty()
                ? Sentence.EMPTY
                : Sentence.of(
                        "The bowl holds ",
                        follows(screen.batch(), dough.formula().hydration()),
                        ".");
    }

    private Sentence follows(Batch batch, Percentage hydration) {
        Balance balance = Balancer.solve(batch);
        int pieces = batch.lots().stream()
                .filter(lot -> lot.doughNo() == dough.no() && lot.bought().isEmpty())
                .mapToInt(lot -> balance.lot(lot.no()).pieces())
                .sum();
        return Sentence.of(
                Decimal.trimmed(hydration.percent(), 1),
                " % water, ",
                Quantity.grams(balance.dough(dough.no()).made().total().grams()),
                " of dough, ",
                Count.of(pieces, "piece", "pieces"));
    }

    /** Whether several flours share the dough. */
    public boolean blended() {
        return dough.flours().size() > 1;
    }

    public List<FlourLine> flours() {
        List<FlourLine> lines = new ArrayList<>();
        for (FlourShare part : dough.flours()) {
            Address.FlourOf at = new Address.FlourOf(dough.no(), lines.size());
            FieldView grams =
                    blended() ? screen.number(DoughField.FLOUR_GRAMS.at(at)) : screen.number(DoughField.FLOUR.at(here));
            FieldView share = blended() ? screen.number(DoughField.FLOUR_SHARE.at(at)) : null;
            lines.add(new FlourLine(
                    lines.size(),
                    part.flour(),
                    share,
                    grams,
                    weighed.fills("flour-" + part.flour().key())));
        }
        return lines;
    }

    public List<AdditionLine> additions() {
        return dough.formula().lines().stream().map(this::line).toList();
    }

    private AdditionLine line(DoughLine written) {
        DoughAddition addition = written.addition();
        Address.AdditionOf at = new Address.AdditionOf(dough.no(), addition);
        FieldView share =
                switch (addition) {
                    case WATER -> screen.number(DoughField.HYDRATION.at(here));
                    case SALT -> screen.number(DoughField.SALT.at(here));
                    case OIL -> screen.number(DoughField.OIL.at(here));
                    default -> screen.number(DoughField.ADDITION.at(at));
                };
        String wets = addition == DoughAddition.WATER || addition.waterShare() == 0
                ? ""
                : "wets with " + Decimal.trimmed(100 * addition.waterShare(), 0) + " % of it";
        String note = addition.note().isEmpty() ? wets : addition.note();
        return new AdditionLine(
                written.name(), share, screen.number(DoughField.ADDITION_GRAMS.at(at)), weighed.fills(addition), note);
    }

    /** What is not in the dough yet. */
    public List<DoughAddition> offered() {
        return Arrays.stream(DoughAddition.values())
                .filter(one -> dough.formula().share(one).isZero())
                .toList();
    }

    /** Flours of the kit, and one that has left it but is still in this dough. */
    public List<Option> choices(Flour chosen) {
        boolean inKit = screen.kit().flour(chosen.key()).isPresent();
        Stream<Flour> free = screen.kit().flours().stream()
                .filter(one -> one.key().equals(chosen.key())
                        || dough.flours().stream()
                                .noneMatch(part -> part.flour().key().equals(one.key())));
        List<Flour> all =
                inKit ? free.toList() : Stream.concat(Stream.of(chosen), free).toList();
        return all.stream()
                .map(one -> new Option(one.key(), one.name(), one.key().equals(chosen.key())))
                .toList();
    }

    /** Flours that could be added; none once there are three. */
    public List<Flour> more() {
        if (dough.flours().size() >= MOST_FLOURS) {
            return List.of();
        }
        return screen.kit().flours().stream()
                .filter(one -> dough.flours().stream()
                        .noneMatch(part -> part.flour().key().equals(one.key())))
                .toList();
    }

    public OneOf addingFlour() {
        List<Option> flours = OneOf.options(more(), Flour::key, Flour::name, null);
        return new OneOf(
                "add-flour",
                screen.address("dough/flours/add"),
                "flour",
                "Add a flour",
                OneOf.adding("add a flour…", flours));
    }

    public OneOf addingLine() {
        List<Option> lines = OneOf.options(offered(), DoughAddition::name, DoughAddition::label, null);
        return new OneOf(
                "add-line", screen.address("dough/add"), "addition", "Add a line", OneOf.adding("add a line…", lines));
    }

    /** The bowl it is mixed in: what scalding water loses to it. */
    public OneOf bowl() {
        List<Option> bowls = OneOf.options(
                screen.kit().bowls(), Bowl::key, Bowl::name, dough.bowl().orElse(null));
        return new OneOf("bowl", screen.address("dough/bowl"), "bowl", "", OneOf.adding("not counted", bowls));
    }

    /** Families that suit the way of cooking. */
    public List<Option> suiting() {
        return families(true);
    }

    /** The other families. */
    public List<Option> others() {
        return families(false);
    }

    private List<Option> families(boolean suiting) {
        List<DoughFamily> offered = DoughStart.offered(screen.lot().lot().method());
        List<DoughFamily> rest = Arrays.stream(DoughFamily.values())
                .filter(one -> !offered.contains(one))
                .toList();
        return OneOf.options(suiting ? offered : rest, DoughFamily::name, DoughFamily::label, dough.family());
    }

    /** What is measured of a bought wrapper. */
    public String wrapperSize() {
        return screen.lot()
                .lot()
                .bought()
                .map(one -> one.shape() == BoughtWrapper.Shape.ROUND ? "Width" : "Side")
                .orElse("");
    }

    /** Where the skin may come from. */
    public List<Option> skins() {
        Optional<BoughtWrapper> bought = screen.lot().lot().bought();
        List<Option> skins = new ArrayList<>(List.of(new Option(MADE, "made here", bought.isEmpty())));
        for (BoughtWrapper.Shape shape : BoughtWrapper.Shape.values()) {
            for (BoughtWrapper.Thickness thickness : BoughtWrapper.Thickness.values()) {
                skins.add(new Option(
                        shape.name() + "-" + thickness.name(),
                        "bought, " + shape.label() + " and " + thickness.label(),
                        bought.filter(one -> one.shape() == shape && one.thickness() == thickness)
                                .isPresent()));
            }
        }
        return skins;
    }

    public List<KneadSchool> schools() {
        return dough.family().schools();
    }

    /** Effective hydration, in words. */
    public String effective() {
        return Decimal.trimmed(dough.formula().effectiveHydration().percent(), 1) + " %";
    }

    /** What it holds when it is measured in cups and spoons. */
    public Sentence inCups() {
        return weighed.inCups();
    }

    /** What the whole dough weighs. */
    public Sentence total() {
        Balance.OfDough share = screen.plan().balance().dough(dough.no());
        return Quantity.grams(share.made().total().grams());
    }

    /** The steps of kneading and resting. */
    public List<KneadLine> kneading() {
        List<RunStep> mine = screen.run().steps().stream()
                .filter(step -> step.slot().task().of() instanceof TaskKey.OfDough one
                        && one.no() == dough.no()
                        && KNEADING.contains(one.step()))
                .toList();
        List<RestPlan.Step> steps = dough.restPlan().steps();
        List<KneadLine> lines = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            InTheDay run = i < mine.size() ? InTheDay.of(mine.get(i)) : null;
            lines.add(new KneadLine(
                    steps.get(i),
                    run,
                    Span.between(steps.get(i).band().low(), steps.get(i).band().high())));
        }
        return lines;
    }
}
