package ironpin.clock;

import ironpin.batch.Filling;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.cook.CookStep;
import ironpin.filling.Aspic;
import ironpin.filling.MadeHot;
import ironpin.filling.OrderCard;
import ironpin.filling.RawNeed;
import ironpin.filling.SkinStock;
import ironpin.filling.Treatment;
import ironpin.household.Household;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Name;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The tasks of one filling, step for step and minute for minute those of its {@link OrderCard}. */
final class FillingTasks {
    private static final Duration STOCK = Duration.ofMinutes(12);
    private static final Duration STRAINING = Duration.ofMinutes(6);
    private static final Duration WATCHED = Duration.ofMinutes(2);
    private static final Duration WEIGHING = Duration.ofMinutes(1);

    private final Filling filling;
    private final Balance.OfFilling share;
    private final OrderCard card;
    private final String key;
    private final List<Task> tasks = new ArrayList<>();
    /** What must be there before it is mixed. */
    private final List<TaskKey> before = new ArrayList<>();

    private FillingTasks(Filling filling, Balance.OfFilling share, RawNeed need) {
        this.filling = filling;
        this.share = share;
        this.card = OrderCard.of(filling.formula(), share.made(), filling.school(), share.patty(), need);
        this.key = "filling-" + filling.no();
    }

    /** In order; none where nothing is made of it. */
    static List<Task> of(Filling filling, Balance.OfFilling share, RawNeed need) {
        if (share.made().isZero()) {
            return List.of();
        }
        FillingTasks made = new FillingTasks(filling, share, need);
        filling.formula()
                .aspic()
                .ifPresent(aspic ->
                        made.soup(aspic.of(share.made()), filling.formula().fromSkin()));
        int no = 0;
        for (OrderCard.Step step : made.card.steps()) {
            if (step.kind() == OrderCard.Kind.PREPARE) {
                made.prepare(step, ++no);
            } else if (step.first()) {
                made.cookDry(step);
            }
        }
        made.mix();
        return made.tasks;
    }

    /** Key of the task in which a filling is mixed. */
    static TaskKey mixing(int fillingNo) {
        return TaskKey.OfFilling.mixed(fillingNo);
    }

    private TaskKey step(String name) {
        return new TaskKey.OfFilling(filling.no(), name);
    }

    /** Keys of the tasks at whose end greens are squeezed that go on weeping. */
    static List<TaskKey> weeping(Filling filling, Balance.OfFilling share) {
        List<TaskKey> keys = new ArrayList<>();
        int no = 0;
        // Which of them weep does not depend on how much is needed.
        for (OrderCard.Step step : OrderCard.of(
                        filling.formula(), share.made(), filling.school(), share.patty(), RawNeed.USUAL)
                .steps()) {
            if (step.kind() == OrderCard.Kind.PREPARE) {
                no++;
                if (step.weeps()) {
                    String name = "prepare-" + no + (step.after().isZero() ? "" : "-finish");
                    keys.add(new TaskKey.OfFilling(filling.no(), name));
                }
            }
        }
        return keys;
    }

    /** Slow things first: the stock for the soup has to set before it is cut into the filling. */
    private void soup(Mass stock, boolean fromSkin) {
        List<TaskKey> stewed = fromSkin ? List.of(stew(stock)) : List.of();
        String title = fromSkin
                ? "Strain the stock for the soup, pour it on a tray."
                : "Warm stock and gelatin for the soup, pour it on a tray.";
        tasks.add(Task.hands(step("stock"), Craft.COOKING, Station.FILLING, title, fromSkin ? STRAINING : STOCK, stewed)
                .withAhead(true)
                .withMeans(fromSkin ? Set.of() : Set.of(new Means.ForFilling(MadeHot.Where.POT)))
                .withDetail(Sentence.of(Quantity.length(Aspic.TRAY.depth().millimetres(), 0), " deep."))
                .withParts(List.of(
                        new Task.Part(key + ".stock-mass", Sentence.of("stock"), Quantity.mass(stock.grams(), 0)))));
        tasks.add(Task.waiting(
                        step("set"),
                        Station.FILLING,
                        "The stock sets in the fridge.",
                        Pace.minutes(Aspic.TRAY.sets().toSeconds() / 60.0),
                        List.of(step("stock")))
                .withAhead(true)
                .withDetail(Sentence.of("Shallow, uncovered until it is cold.")));
        before.add(step("set"));
    }

    /** The hours in which skin gives its gelatin to the water; what is left of the water is the stock. */
    private TaskKey stew(Mass stock) {
        Set<Means> pot = Set.of(new Means.ForFilling(MadeHot.Where.POT));
        TaskKey put = step("skin");
        TaskKey stewing = step("stew");
        tasks.add(Task.hands(
                        put,
                        Craft.COOKING,
                        Station.FILLING,
                        "Blanch the skin, cut it into strips, cover it with fresh water.",
                        SkinStock.HANDS,
                        List.of())
                .withAhead(true)
                .withMeans(pot)
                .withDetail(Sentence.of(of(), " May be done the day before, kept cold."))
                .withParts(List.of(
                        new Task.Part(
                                put.text() + ".0",
                                Sentence.of("skin, raw (est.)"),
                                Quantity.weighed(SkinStock.skin(stock))),
                        new Task.Part(
                                put.text() + ".1",
                                Sentence.of("water (est.)"),
                                Quantity.weighed(SkinStock.water(stock))))));
        tasks.add(Task.waiting(
                        stewing, Station.FILLING, "The skin simmers, the lid ajar.", SkinStock.SIMMERS, List.of(put))
                .withAhead(true)
                .withMeans(pot)
                .withDetail(Sentence.of("Down to ", Quantity.mass(stock.grams(), 0), " of stock.")));
        return stewing;
    }

    private void prepare(OrderCard.Step step, int no) {
        String stem = "prepare-" + no;
        TaskKey last = step(stem);
        Optional<MadeHot> fire = step.done().flatMap(Treatment::fire);
        Duration hands = step.hands().isZero() ? WEIGHING : step.hands();
        tasks.add(Task.hands(last, Craft.FILLING, Station.FILLING, title(step), hands, List.of())
                .withDetail(Sentence.of(of() + (step.dayBefore() ? " May be done the day before, kept cold." : "")))
                .withAhead(step.dayBefore())
                .withMeans(fire.filter(one -> one.alone().isZero())
                        .map(FillingTasks::hearth)
                        .orElse(Set.of()))
                .withParts(parts(step, last.text())));
        Duration onFire = fire.map(MadeHot::alone).orElse(Duration.ZERO);
        if (!onFire.isZero()) {
            TaskKey heated = step(stem + "-heat");
            String title = raised(step.subject()) + ": " + fire.get().doing() + ".";
            tasks.add(Task.waiting(heated, Station.FILLING, title, onFire, List.of(last))
                    .withMeans(hearth(fire.get()))
                    .withAhead(step.dayBefore()));
            last = heated;
        }
        Duration rest = step.waits().minus(onFire);
        if (!rest.isZero()) {
            TaskKey waiting = step(stem + "-wait");
            tasks.add(Task.waiting(waiting, Station.FILLING, waits(step), rest, List.of(last))
                    .withAhead(step.dayBefore()));
            last = waiting;
        }
        if (!step.after().isZero()) {
            TaskKey finish = step(stem + "-finish");
            String title = step.finish() + ": " + step.subject() + ".";
            tasks.add(Task.hands(finish, Craft.FILLING, Station.FILLING, title, step.after(), List.of(last))
                    .withAhead(step.dayBefore()));
            last = finish;
        }
        before.add(last);
    }

    private static Set<Means> hearth(MadeHot fire) {
        return Set.of(new Means.ForFilling(fire.where()));
    }

    /** In its own pan, before the bowl; it cools by itself. */
    private void cookDry(OrderCard.Step step) {
        TaskKey fried = step("cook-dry");
        TaskKey cooled = step("cook-dry-wait");
        tasks.add(Task.hands(fried, Craft.FILLING, Station.FILLING, "Cook dry.", step.hands(), List.of())
                .withDetail(Sentence.of(of(), " ", step.cue().beginning(FillingTasks::raised), "."))
                .withAhead(step.dayBefore())
                .withMeans(step.done()
                        .flatMap(Treatment::fire)
                        .map(FillingTasks::hearth)
                        .orElse(Set.of()))
                .withParts(parts(step, fried.text())));
        tasks.add(Task.waiting(cooled, Station.FILLING, raised(step.meanwhile()) + ".", step.waits(), List.of(fried))
                .withAhead(step.dayBefore()));
        before.add(cooled);
    }

    private static String title(OrderCard.Step step) {
        String text = step.text().replaceAll("[;:]?(?: take about)?$", "");
        boolean named = text.toLowerCase(Locale.ROOT).startsWith(step.subject().toLowerCase(Locale.ROOT));
        return (named ? text : raised(step.subject()) + ": " + Name.within(text)) + ".";
    }

    private static String raised(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    private static String waits(OrderCard.Step step) {
        return raised(step.subject()) + ": " + step.meanwhile() + ".";
    }

    private String of() {
        return "For the " + filling.called() + ".";
    }

    private void mix() {
        List<Task.Part> parts = new ArrayList<>();
        List<CookStep> spells = new ArrayList<>();
        Duration time = WEIGHING;
        int no = 0;
        for (OrderCard.Step step : card.steps()) {
            if (!step.first()) {
                parts.addAll(parts(step, key + ".mix-" + ++no));
                time = time.plus(step.time());
                // The steps that want watching the clock are its timers.
                if (step.time().compareTo(WATCHED) > 0) {
                    spells.add(CookStep.of("mix-" + no, step.text().replaceAll(":$", "."), step.time()));
                }
            }
        }
        Sentence patty = share.patty().isZero()
                ? Sentence.EMPTY
                : Sentence.of(
                        " Fry a ",
                        Quantity.mass(share.patty().grams(), 0),
                        " patty and taste that, never the raw filling.");
        tasks.add(Task.hands(
                        mixing(filling.no()),
                        Craft.FILLING,
                        Station.FILLING,
                        "Make the " + filling.called() + ".",
                        time,
                        before)
                .withDetail(Sentence.of(Quantity.mass(share.made().grams(), 0), " in all.", patty))
                .withSpells(spells)
                .withParts(parts));
    }

    private static List<Task.Part> parts(OrderCard.Step step, String stem) {
        List<Task.Part> parts = new ArrayList<>();
        for (OrderCard.Weighed one : step.lines()) {
            String how = step.kind() == OrderCard.Kind.MIX ? one.name() : step.subject() + ", " + one.name();
            String name = step.kind() == OrderCard.Kind.TASTE ? "for the test patty" : how;
            Sentence amount = step.kind() == OrderCard.Kind.MIX
                    ? Household.weighed(one.name(), one.mass())
                    : Quantity.weighed(one.mass());
            parts.add(new Task.Part(stem + "." + parts.size(), Sentence.of(name), amount));
        }
        return parts;
    }
}
