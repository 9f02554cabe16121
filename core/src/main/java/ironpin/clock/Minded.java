package ironpin.clock;

import ironpin.pantry.Allergen;
import ironpin.pantry.Allergens;
import ironpin.pantry.FoodName;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.util.EnumSet;
import java.util.Set;

/**
 * Says of everything that is weighed whether somebody at the table avoids it: it stands in the plan until the cook takes another, and
 * must not go into the bowl unseen.
 *
 * @param avoided by somebody
 */
record Minded(Set<Allergen> avoided) {
    Task task(Task task) {
        if (avoided.isEmpty() || task.parts().isEmpty()) {
            return task;
        }
        return task.withParts(task.parts().stream().map(this::part).toList());
    }

    private Task.Part part(Task.Part part) {
        Allergens holds = FoodName.read(part.name().render(UnitSystem.METRIC)).allergens();
        Set<Allergen> hit = EnumSet.noneOf(Allergen.class);
        hit.addAll(holds.sure());
        hit.retainAll(avoided);
        return hit.isEmpty()
                ? part
                : new Task.Part(
                        part.key(),
                        Sentence.of(part.name(), " – somebody avoids ", Allergens.names(hit)),
                        part.amount());
    }
}
