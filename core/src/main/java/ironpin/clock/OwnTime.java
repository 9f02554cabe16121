package ironpin.clock;

import ironpin.cook.CookStep;
import ironpin.crew.OwnMinutes;
import ironpin.quantity.Belief;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Work whose minutes are the cook's own: what hands do to a dough or a filling. Shaping has its pace, and fire and rests their reasons. */
public final class OwnTime {
    private OwnTime() {}

    /** What kind of work a task is, the same in every batch; absent where its minutes are not the cook's own. */
    public static Optional<String> kind(Task task) {
        boolean hands = task.work() instanceof Work.Throughout;
        if (task.of() instanceof TaskKey.OfDough dough) {
            return switch (dough.step()) {
                case MIX -> Optional.of("mix a dough");
                case KNEAD -> Optional.of("knead");
                case COOL, REST -> Optional.empty();
            };
        }
        if (task.of() instanceof TaskKey.OfFilling filling && hands) {
            boolean mixed = task.of().equals(TaskKey.OfFilling.mixed(filling.no()));
            return Optional.of(mixed ? "make a filling" : task.name().toLowerCase(Locale.ROOT));
        }
        return Optional.empty();
    }

    /** A task in the time it takes this cook, saying so. */
    static Task of(Task task, OwnMinutes own) {
        Optional<String> kind = kind(task);
        Optional<Belief> known = kind.flatMap(own::of);
        if (known.isEmpty()) {
            return task;
        }
        Duration time = own.time(kind.orElseThrow(), task.time());
        double times = (double) time.toSeconds() / task.time().toSeconds();
        List<CookStep> spells = task.spells().stream()
                .map(spell -> new CookStep(
                        spell.key(),
                        spell.text(),
                        spell.cue(),
                        spell.caution(),
                        Duration.ofSeconds(Math.max(1, Math.round(spell.time().toSeconds() * times)))))
                .toList();
        Sentence whose = Sentence.of(
                task.detail().isEmpty() ? "" : " ",
                "Your own minutes, from ",
                Count.of(known.get().lessons(), "time", "times"),
                "; usually ",
                Span.of(task.time()),
                ".");
        return task.withTime(time).withSpells(spells).withDetail(Sentence.of(task.detail(), whose));
    }
}
