package ironpin.web.api;

import ironpin.allergen.AllergenLines;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Fix;
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

    /** A dough or filling shared out, in grams; trimmings are an estimate. */
    record SharedPart(int no, double madeG, double lostG, double inPiecesG, double trimmingsG, double leftG) {}

    /** A lot. */
    record PiecesPart(
            int lotNo, int pieces, int toFreezer, double doughEachG, double fillingEachG, AllergenPart allergens) {}

    /** A change that would leave less over: a number of the plan, where it stands, and its new value. */
    record ChangePart(String label, String number, String at, double value) {
        static ChangePart of(Fix fix) {
            return new ChangePart(
                    fix.label().render(UnitSystem.METRIC),
                    fix.number().field().key(),
                    fix.number().at().text(),
                    fix.value());
        }
    }

    record BalanceAnswer(
            List<SharedPart> doughs, List<SharedPart> fillings, List<PiecesPart> lots, List<ChangePart> changes) {}

    /** Takes a batch as the published schema describes it. */
    @BatchBody
    @PostMapping("/balance")
    BalanceAnswer balance(@RequestBody String text) {
        Batch batch = reader.read(text).batch();
        Balance balance = Balancer.solve(batch);
        return new BalanceAnswer(
                balance.doughs().stream().map(BalanceApi::shared).toList(),
                balance.fillings().stream().map(BalanceApi::shared).toList(),
                balance.lots().stream().map(lot -> pieces(batch, lot)).toList(),
                LeftOver.fixes(batch).stream().map(ChangePart::of).toList());
    }

    private static SharedPart shared(Balance.OfDough share) {
        return new SharedPart(
                share.no(),
                share.made().total().grams(),
                share.lost().grams(),
                share.inPieces().grams(),
                share.trimmings().grams(),
                share.left().grams());
    }

    private static SharedPart shared(Balance.OfFilling share) {
        return new SharedPart(
                share.no(),
                share.made().grams(),
                share.lost().plus(share.patty()).grams(),
                share.inPieces().grams(),
                0,
                share.left().grams());
    }

    private static PiecesPart pieces(Batch batch, Balance.OfLot lot) {
        return new PiecesPart(
                lot.no(),
                lot.pieces(),
                lot.toFreezer(),
                lot.doughEach().grams(),
                lot.fillingEach().grams(),
                AllergenPart.of(AllergenLines.ofLot(batch, batch.lot(lot.no()))));
    }
}
