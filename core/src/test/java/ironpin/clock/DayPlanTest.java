package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.cook.CookStep;
import ironpin.filling.SafeCore;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Belief;
import ironpin.quantity.Mass;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DayPlanTest {
    private static Batch start(Style style) {
        return Styles.start(style, "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    private static List<Task> tasks(Batch batch) {
        return BatchPlan.of(batch).timetable().slots().stream()
                .map(Timetable.Slot::task)
                .toList();
    }

    @DataProvider
    public Object[][] styles() {
        return Styles.all().stream().map(style -> new Object[] {style}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "styles")
    public void aDayGoesFromTheFlourToTheTable(Style style) {
        List<Task> tasks = tasks(start(style));
        List<String> keys = tasks.stream().map(Task::key).toList();
        assertEquals(keys.stream().distinct().count(), keys.size());
        boolean mixed = style.bought().isEmpty();
        boolean rests = mixed && !style.dough().rest().isZero();
        boolean dipped = !style.dip().parts().isEmpty();
        for (String key : List.of("filling-1.make", "lot-1.shape-1", "lot-1.heat", "lot-1.cook-1")) {
            assertTrue(keys.contains(key), key + " is not in " + keys);
        }
        assertEquals(keys.contains("dough-1.mix"), mixed, keys.toString());
        assertEquals(keys.contains("dough-1.rest"), rests, keys.toString());
        assertEquals(keys.contains("table.dip"), dipped, keys.toString());
        assertEquals(keys.get(keys.size() - 1), "table.serve");
        assertTrue(!rests || keys.indexOf("dough-1.mix") < keys.indexOf("dough-1.rest"));
        assertTrue(!mixed || keys.indexOf("dough-1.mix") < keys.indexOf("lot-1.shape-1"));
        assertTrue(!rests || keys.indexOf("dough-1.rest") < keys.indexOf("lot-1.shape-1"));
    }

    @Test(dataProvider = "styles")
    public void everyRoundIsThereWithItsTimersAndItsCore(Style style) {
        Batch batch = start(style);
        BatchPlan plan = BatchPlan.of(batch);
        List<Task> rounds = tasks(batch).stream()
                .filter(task -> task.key().contains(".cook-"))
                .toList();
        assertEquals(rounds.size(), plan.lot(1).rounds().sizes().size());
        String core = Math.round(SafeCore.of(batch.filling(1).formula()).core().celsius()) + " °C";
        for (Task round : rounds) {
            assertTrue(round.detail().render(UnitSystem.METRIC).contains(core), round.toString());
            Duration spells = round.spells().stream().map(CookStep::time).reduce(Duration.ZERO, Duration::plus);
            assertEquals(round.time(), spells.plusMinutes(1));
            assertTrue(round.timed());
        }
        int pieces = rounds.stream()
                .mapToInt(round -> Integer.parseInt(round.title().replaceAll(".*?(?:: |Cook )(\\d+) .*", "$1")))
                .sum();
        assertEquals(pieces, plan.balance().lot(1).toTable());
    }

    @Test
    public void onlyARawFillingIsToldToBeFriedAndTasted() {
        for (Style style : Styles.all()) {
            String details = tasks(start(style)).stream()
                    .map(task -> task.detail().render(UnitSystem.METRIC))
                    .collect(Collectors.joining(" "));
            assertEquals(
                    details.contains("never the raw filling"),
                    SafeCore.of(style.filling().formula()).mindRaw(),
                    style.key());
        }
    }

    @Test
    public void whatGoesToTheFreezerIsFoldedButNotCooked() {
        Batch batch = DoughField.FLOUR.write(
                CountField.TO_FREEZER.write(start(Styles.get("boiled-crescent")), Address.lot(1), 500),
                Address.dough(1),
                200);
        List<String> keys = tasks(batch).stream().map(Task::key).toList();
        assertTrue(keys.contains("lot-1.shape-1"));
        assertTrue(keys.stream().noneMatch(key -> key.contains(".cook-") || key.contains(".heat")));
    }

    /** Hands put a round in, do what each further spell begins with, and take it out. */
    @Test
    public void aRoundWantsHandsForItsSpells() {
        for (Style style : Styles.all()) {
            Task round = tasks(start(style)).stream()
                    .filter(task -> task.key().equals("lot-1.cook-1"))
                    .findFirst()
                    .orElseThrow();
            Work.Touched work = (Work.Touched) round.work();
            // Spells that follow each other closely keep them there; else they are free meanwhile.
            Duration pause = Duration.ZERO;
            for (int i = 1; i < work.touches().size(); i++) {
                pause = work.touches()
                        .get(i)
                        .after()
                        .minus(work.touches().get(i - 1).over());
                assertTrue(pause.toSeconds() >= 90, style.key());
            }
            assertEquals(pause.isZero(), work.touches().size() == 1, style.key());
            assertEquals(work.touches().get(0).after(), Duration.ZERO);
            Work.Touch out = work.touches().get(work.touches().size() - 1);
            assertEquals(out.after().plus(out.time()), round.time());
            Duration hands = work.touches().stream().map(Work.Touch::time).reduce(Duration.ZERO, Duration::plus);
            assertEquals(round.handsTime(), hands);
        }
    }

    @Test
    public void moreWorkTakesLonger() {
        for (Fold fold : Fold.values()) {
            Handiwork hands = Handiwork.usual(fold);
            assertTrue(Pace.shaping(hands, 60, false).compareTo(Pace.shaping(hands, 20, false)) > 0);
            assertTrue(Pace.shaping(hands, 60, true).compareTo(Pace.shaping(hands, 60, false)) < 0);
            assertEquals(Pace.shaping(hands, 0, false), Duration.ofMinutes(1));
            // A pace that was learned is the one that counts: 60 pieces of 20 s are 20 min.
            Handiwork quick = hands.withSeconds(new Belief(20, 1, 3));
            assertEquals(Pace.shaping(quick, 60, false), Duration.ofMinutes(20));
        }
        assertEquals(Pace.mixing(Mass.ofGrams(1_000)), Duration.ofMinutes(8));
    }
}
