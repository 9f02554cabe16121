package ironpin.web.page;

import ironpin.allergen.AllergenLines;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import java.util.List;

/**
 * What somebody must know before they eat of a lot.
 *
 * @param lot its name
 * @param contains what is in it, in words
 * @param avoided what of it somebody at the table avoids
 */
public record Eaten(String lot, String contains, List<Finding> avoided) {
    /** Every lot of a supper. */
    public static List<Eaten> of(BatchPlan plan) {
        return plan.lots().stream()
                .map(one -> new Eaten(
                        one.lot().name(),
                        AllergenLines.ofLot(plan.batch(), one.lot()).said(),
                        Findings.avoided(plan, one.lot().no())))
                .toList();
    }
}
