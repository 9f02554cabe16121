package ironpin.clock;

import ironpin.batch.Filling;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.cook.CookStep;
import ironpin.filling.Aspic;
import ironpin.filling.OrderCard;
import ironpin.filling.RawNeed;
import ironpin.household.Household;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Name;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The tasks of one filling, step for step and minute for minute those of its {@link OrderCard}. */
final class FillingTasks {
    private static final Duration STOCK = Duration.ofMinutes(12);
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
        filling.formula().aspic().ifPresent(aspic -> made.soup(aspic.of(share.made())));
        int no = 0;
        for (OrderCard.Step step : made.card.steps()) {
            if (step.kind() == OrderCard.Kind.PREPARE) {
                made.prepare(step, ++no);
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
    private void soup(Mass stock) {
        tasks.add(Task.hands(
                        step("stock"),
                        Craft.COOKING,
                        Station.FILLING,
                        "Warm stock and gelatin for the soup, pour it on a tray.",
                        STOCK,
                        List.of())
                .withDetail(Sentence.of(Quantity.length(Aspic.TRAY.depth().millimetres(), 0), " deep."))
                .withParts(List.of(
                        new Task.Part(key + ".stock-mass", Sentence.of("stock"), Quantity.mass(stock.grams(), 0)))));
        tasks.add(Task.waiting(
                        step("set"),
                        Station.FILLING,
                        "The stock sets in the fridge.",
                        Pace.minutes(Aspic.TRAY.sets().toSeconds() / 60.0),
                        List.of(step("stock")))
                .withDetail(Sentence.of("Shallow, uncovered until it is cold.")));
        before.add(step("set"));
    }

    private void prepare(OrderCard.Step step, int no) {
        String stem = "prepare-" + no;
        TaskKey last = step(stem);
        Duration hands = step.hands().isZero() ? WEIGHING : step.hands();
        tasks.add(Task.hands(last, Craft.FILLING, Station.FILLING, title(step), hands, List.of())
                .withDetail(Sentence.of(of() + (step.dayBefore() ? " May be done the day before, kept cold." : "")))
                .withAhead(step.dayBefore())
                .withParts(parts(step, last.text())));
        if (!step.waits().isZero()) {
            TaskKey waiting = step(stem + "-wait");
            tasks.add(Task.waiting(waiting, Station.FILLING, waits(step), step.waits(), List.of(last))
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
            if (step.kind() != OrderCard.Kind.PREPARE) {
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
