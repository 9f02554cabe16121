package ironpin.web.api;

import ironpin.batch.Balance;
import ironpin.batch.Balancer;
import ironpin.batch.Batch;
import ironpin.batch.Fix;
import ironpin.plan.LeftOver;
import ironpin.quantity.UnitSystem;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whole pieces of every lot, and what is left of every dough and filling. */
@RestController
@RequestMapping("/api/v1/calculate")
class BalanceApi {
    private final BatchReader reader;

    BalanceApi(BatchReader reader) {
        this.reader = reader;
    }

    /** A dough or filling shared out, in grams. */
    record Shared(int no, double madeG, double lostG, double inPiecesG, double leftG) {}

    /** A lot. */
    record Pieces(int lotNo, int pieces, int toFreezer, double doughEachG, double fillingEachG) {}

    /** A change that would leave less over: a number of the plan and its new value. */
    record Change(String label, String number, int no, double value) {
        static Change of(Fix fix) {
            return new Change(UnitSystem.METRIC.say(fix.label()), fix.field().key(), fix.no(), fix.value());
        }
    }

    record Answer(List<Shared> doughs, List<Shared> fillings, List<Pieces> lots, List<Change> changes) {}

    /** Takes a batch as the published schema describes it. */
    @PostMapping("/balance")
    Answer balance(@RequestBody String text) {
        Batch batch = reader.read(text).batch();
        Balance balance = Balancer.solve(batch);
        return new Answer(
                balance.doughs().stream().map(BalanceApi::shared).toList(),
                balance.fillings().stream().map(BalanceApi::shared).toList(),
                balance.lots().stream().map(BalanceApi::pieces).toList(),
                LeftOver.fixes(batch).stream().map(Change::of).toList());
    }

    private static Shared shared(Balance.OfDough share) {
        return new Shared(
                share.no(),
                share.made().total().grams(),
                share.lost().grams(),
                share.inPieces().grams(),
                share.left().grams());
    }

    private static Shared shared(Balance.OfFilling share) {
        return new Shared(
                share.no(),
                share.made().grams(),
                share.lost().plus(share.patty()).grams(),
                share.inPieces().grams(),
                share.left().grams());
    }

    private static Pieces pieces(Balance.OfLot lot) {
        return new Pieces(
                lot.no(),
                lot.pieces(),
                lot.toFreezer(),
                lot.doughEach().grams(),
                lot.fillingEach().grams());
    }
}
