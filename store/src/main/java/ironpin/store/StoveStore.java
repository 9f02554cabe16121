package ironpin.store;

import static ironpin.store.db.Tables.BURNER;
import static ironpin.store.db.Tables.OWN_VESSEL;

import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.kit.Burner;
import ironpin.kit.OwnVessel;
import ironpin.kit.Stove;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jooq.DSLContext;

/** Burners and vessels of the kitchen. */
public final class StoveStore {
    private final Cupboard cupboard;

    public StoveStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** As it stands; an ordinary one until the cook changes something. */
    public Stove load() {
        return cupboard.read(StoveStore::stove);
    }

    private static Stove stove(DSLContext dsl) {
        List<Burner> burners = dsl.selectFrom(BURNER)
                .orderBy(BURNER.POSITION)
                .fetch(row -> new Burner(row.getName(), row.getWatts(), row.getTests()));
        if (burners.isEmpty()) {
            return Stove.usual();
        }
        return new Stove(
                burners,
                dsl.selectFrom(OWN_VESSEL)
                        .orderBy(OWN_VESSEL.POSITION)
                        .fetch(row -> new OwnVessel(
                                row.getName(),
                                Vessel.usual(VesselKind.valueOf(row.getKind()))
                                        .withDiameter(new Length(row.getWidthUm()))
                                        .withTiers(row.getTiers())
                                        .withWater(new Mass(row.getWaterUg())))));
    }

    /** Changes it. */
    public Stove change(UnaryOperator<Stove> change) {
        return cupboard.write(dsl -> {
            Stove after = change.apply(stove(dsl));
            dsl.deleteFrom(BURNER).execute();
            dsl.deleteFrom(OWN_VESSEL).execute();
            for (int i = 0; i < after.burners().size(); i++) {
                Burner one = after.burners().get(i);
                dsl.insertInto(BURNER)
                        .set(BURNER.POSITION, i)
                        .set(BURNER.NAME, one.name())
                        .set(BURNER.WATTS, one.watts())
                        .set(BURNER.TESTS, one.tests())
                        .execute();
            }
            for (int i = 0; i < after.vessels().size(); i++) {
                OwnVessel one = after.vessels().get(i);
                dsl.insertInto(OWN_VESSEL)
                        .set(OWN_VESSEL.POSITION, i)
                        .set(OWN_VESSEL.NAME, one.name())
                        .set(OWN_VESSEL.KIND, one.vessel().kind().name())
                        .set(OWN_VESSEL.WIDTH_UM, one.vessel().diameter().micrometres())
                        .set(OWN_VESSEL.TIERS, one.vessel().tiers())
                        .set(OWN_VESSEL.WATER_UG, one.vessel().water().micrograms())
                        .execute();
            }
            return after;
        });
    }
}
