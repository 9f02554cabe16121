package ironpin.plan;

import ironpin.allergen.AllergenAnswer;
import ironpin.allergen.AllergenLines;
import ironpin.pantry.Allergen;
import ironpin.pantry.Allergens;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Who must not eat this lot, and what nobody can rule out. */
final class AllergenFindings {
    private AllergenFindings() {}

    /** What a lot holds that somebody at the table avoids, or may hold as far as is known here. */
    static List<Finding> avoided(BatchPlan plan, LotPlan lot) {
        Set<Allergen> avoided = plan.batch().guests().avoided();
        AllergenAnswer answer = AllergenLines.ofLot(plan.batch(), lot.lot());
        List<Finding> found = new ArrayList<>();
        Set<Allergen> hit = answer.hit(avoided);
        if (!hit.isEmpty()) {
            found.add(Finding.of(
                    Saying.ALLERGEN_AVOIDED,
                    Sentence.of(Count.of(hit.size(), "allergen")),
                    Sentence.of("in these that somebody at the table avoids: " + lines(answer, hit) + "."),
                    Sentence.of("Make some without it, on clean boards, in its own water and oil.")));
        }
        Set<Allergen> open = answer.open(avoided);
        if (!open.isEmpty()) {
            found.add(
                    Finding.of(
                            Saying.ALLERGEN_OPEN,
                            Sentence.of(Allergens.names(open)),
                            Sentence.of("cannot be ruled out for those who avoid it, because of "
                                    + AllergenAnswer.quoted(answer.openLines(open)) + "."),
                            answer.known()
                                    ? Sentence.of("Its packet says.")
                                    : Sentence.of(
                                            "A line that is not known may hold anything: read its packet, or say what it stands for.")));
        }
        return found;
    }

    /** What a recipe said goes in and nobody has understood yet. */
    static List<Finding> unread(BatchPlan plan) {
        List<String> unread = plan.batch().unread();
        return unread.isEmpty()
                ? List.of()
                : List.of(
                        Finding.of(
                                Saying.LINES_UNREAD,
                                Sentence.of(Count.of(unread.size(), "line")),
                                Sentence.of("of the recipe " + (unread.size() == 1 ? "is" : "are") + " in no sum here: "
                                        + AllergenAnswer.quoted(unread) + "."),
                                Sentence.of(
                                        "Salt, fat, allergens and what is raw are not fully known until you say at the Table what it is.")));
    }

    /** All that is known of a lot's allergens. */
    static Finding all(BatchPlan plan, LotPlan lot) {
        AllergenAnswer answer = AllergenLines.ofLot(plan.batch(), lot.lot());
        Set<Allergen> avoided = plan.batch().guests().avoided();
        boolean clear = !avoided.isEmpty()
                && answer.hit(avoided).isEmpty()
                && answer.open(avoided).isEmpty();
        String free = clear ? "Nothing in it that somebody avoids (" + Allergens.names(avoided) + "). " : "";
        int size = answer.sure().size();
        return Finding.of(
                Saying.ALLERGENS,
                Sentence.of(Count.of(size, "allergen") + (answer.known() ? "" : " at least")),
                Sentence.of("in skin, filling and dip: " + answer.said() + "."),
                Sentence.of(free + AllergenLines.NOT_COUNTED));
    }

    private static String lines(AllergenAnswer answer, Set<Allergen> hit) {
        List<String> said = new ArrayList<>();
        for (Allergen one : hit) {
            said.add(one.label() + " (" + String.join(", ", answer.sure().get(one)) + ")");
        }
        return String.join(", ", said);
    }
}
