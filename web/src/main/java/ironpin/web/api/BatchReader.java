package ironpin.web.api;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.OutOfRange;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.RollField;
import ironpin.batch.edit.VesselField;
import ironpin.dough.DoughAddition;
import ironpin.format.BatchFormat;
import ironpin.format.UnreadableBatch;
import ironpin.format.WrittenBatch;
import ironpin.plan.BatchPlan;
import ironpin.plan.Findings;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;
import ironpin.web.picture.RibbonPicture;
import java.time.DateTimeException;
import org.springframework.stereotype.Component;

/** Reads a batch that somebody else may have written, and keeps only one that every page can show. */
@Component
class BatchReader {
    /** @throws UnreadableBatch if the text is not a batch, with the place and what is allowed there */
    WrittenBatch read(String text) {
        WrittenBatch written = BatchFormat.read(text);
        try {
            demandShown(written.batch());
        } catch (Refused refused) {
            throw refused instanceof UnreadableBatch said ? said : new UnreadableBatch(refused.getMessage());
        }
        return written;
    }

    /** Its numbers are in the ranges of the fields, and its plan and sentences can be worked out. */
    private static void demandShown(Batch batch) {
        try {
            BatchPlan plan = BatchPlan.of(batch);
            for (Station station : Station.values()) {
                plan.lots().forEach(lot -> Findings.at(station, plan, lot.lot().no()));
            }
            plan.lots().forEach(lot -> RibbonPicture.narrow(plan, lot.lot().no()));
            for (Dough dough : batch.doughs()) {
                demandRange(DoughField.REST.at(Address.dough(dough.no())), batch, plan);
                if (dough.formula().lines().stream().anyMatch(line -> line.addition() == DoughAddition.WATER)) {
                    demandRange(DoughField.HYDRATION.at(Address.dough(dough.no())), batch, plan);
                }
            }
            for (Lot lot : batch.lots()) {
                demandRange(RollField.DISC.at(Address.lot(lot.no())), batch, plan);
                demandRange(RollField.ROPE.at(Address.lot(lot.no())), batch, plan);
                demandRange(VesselField.VESSEL_WIDTH.at(Address.lot(lot.no())), batch, plan);
            }
        } catch (ArithmeticException | DateTimeException | IndexOutOfBoundsException | IllegalStateException e) {
            throw new UnreadableBatch("its numbers cannot be planned together");
        }
    }

    private static void demandRange(PlanNumber<?> number, Batch batch, BatchPlan plan) {
        PlanField<?> field = number.field();
        double value = number.read(batch, plan.balance());
        if (!(value >= field.low() && value <= field.high())) {
            throw new UnreadableBatch(Sentence.of(field.label(), " must be ", OutOfRange.allowed(field))
                    .render(UnitSystem.METRIC));
        }
    }
}
