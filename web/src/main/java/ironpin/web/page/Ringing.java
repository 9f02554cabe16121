package ironpin.web.page;

import ironpin.clock.Task;
import ironpin.quantity.Sentence;
import ironpin.store.RunningTimer;
import java.time.Instant;

/**
 * A timer under way, with what it times in the words of the plan as it stands.
 *
 * @param id its number
 * @param taskKey which step it belongs to
 * @param spell key of the step's timed spell; empty for the whole step
 * @param label what it times
 * @param endsAt when it rings
 */
public record Ringing(long id, String taskKey, String spell, Sentence label, Instant endsAt) {
    /** @param task the step it belongs to; a spell that the step no longer has is called by the step */
    static Ringing of(RunningTimer timer, Task task) {
        Sentence label = RunStep.offers(task).stream()
                .filter(offer -> offer.spell().equals(timer.spell()))
                .map(RunStep.Offer::label)
                .findFirst()
                .orElse(Sentence.of(task.title()));
        return new Ringing(timer.id(), timer.taskKey(), timer.spell(), label, timer.endsAt());
    }
}
