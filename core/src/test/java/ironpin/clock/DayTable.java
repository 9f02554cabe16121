package ironpin.clock;

import ironpin.plan.BatchPlan;
import ironpin.plan.Situation;
import ironpin.quantity.UnitSystem;
import java.util.List;
import java.util.TreeSet;

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
        return BatchPlan.of(Situation.batch(situation)).timetable().tasks().stream()
                .map(DayTable::row)
                .map(UnitSystem.METRIC::say)
                .toList();
    }

    private static String row(Task task) {
        String parts = String.join(
                "; ",
                task.parts().stream()
                        .map(part -> part.name() + " " + part.amount())
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
                        task.detail(),
                        task.time().toMinutes() + " min",
                        String.join(" ", new TreeSet<>(task.needs())),
                        "after " + after,
                        parts,
                        spells)
                .strip();
    }
}
