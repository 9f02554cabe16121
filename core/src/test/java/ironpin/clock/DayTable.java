package ironpin.clock;

import ironpin.plan.BatchPlan;
import ironpin.plan.Situation;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The work of a day as rows of text; run it to print what stands in {@code day.txt}. */
final class DayTable {
    private DayTable() {}

    public static void main(String[] situations) {
        for (String situation : situations) {
            System.out.println(situation);
            rows(situation).forEach(row -> System.out.println("  " + row));
        }
    }

    static List<String> rows(String situation) {
        return BatchPlan.of(Situation.batch(situation)).day().tasks().stream()
                .map(DayTable::row)
                .toList();
    }

    private static String row(Task task) {
        String parts = String.join(
                "; ",
                task.parts().stream()
                        .map(part ->
                                Sentence.of(part.name(), " ", part.amount()).render(UnitSystem.METRIC))
                        .toList());
        String spells = String.join(
                "; ",
                task.spells().stream()
                        .map(spell -> spell.time().toSeconds() + " s")
                        .toList());
        // Everything that happens comes before the table is served.
        String after = task.key().equals(DayPlan.SERVE) ? "all" : String.join(" ", task.after());
        return String.join(
                        " | ",
                        task.key(),
                        task.title(),
                        task.detail().render(UnitSystem.METRIC),
                        task.time().toMinutes() + " min",
                        work(task),
                        "after " + after,
                        parts,
                        spells)
                .strip();
    }

    /** As in "cooking at 0 s for 30 s, at 360 s for 60 s; POT-1". */
    private static String work(Task task) {
        List<String> all = new ArrayList<>();
        if (task.work() instanceof Work.Throughout whole) {
            all.add(whole.craft().name().toLowerCase(Locale.ROOT) + (whole.yields() ? ", yields" : ""));
        } else if (task.work() instanceof Work.Touched touched) {
            touched.touches()
                    .forEach(touch -> all.add("hands at " + touch.after().toSeconds() + " s for "
                            + touch.time().toSeconds() + " s"));
        } else {
            all.add("alone");
        }
        for (Means means : task.means()) {
            all.add(
                    means instanceof Means.OfVessel vessel
                            ? vessel.kind() + "-" + vessel.lot()
                            : means instanceof Means.ForFilling hot
                                    ? hot.where().name().toLowerCase(Locale.ROOT)
                                    : "machine");
        }
        return String.join("; ", all) + (task.ahead() ? "; may be ahead" : "");
    }
}
