package ironpin.web.picture;

import ironpin.clock.Timetable;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import java.time.LocalDateTime;

/** The pictures of the stations, by the names that templates call them. */
public final class Drawings {
    public String table(BatchPlan plan) {
        return TablePicture.of(plan);
    }

    public String hydration(LotPlan lot) {
        return HydrationPicture.of(lot);
    }

    public String water(BatchPlan plan, LotPlan lot) {
        return WaterPicture.of(plan.batch().waters(), lot);
    }

    public String knead(LotPlan lot) {
        return KneadPicture.of(lot.dough().restPlan());
    }

    public String pack(LotPlan lot) {
        return PackPicture.of(lot);
    }

    public String filling(BatchPlan plan, LotPlan lot) {
        return FillingPicture.of(plan, lot);
    }

    public String rope(LotPlan lot) {
        return RopePicture.of(lot);
    }

    public String wrapper(LotPlan lot) {
        return WrapperPicture.of(lot);
    }

    public String fold(LotPlan lot) {
        return FoldPicture.of(lot);
    }

    public String vessel(LotPlan lot) {
        return VesselPicture.of(lot);
    }

    public String clock(Timetable table, LocalDateTime now) {
        return ClockPicture.of(table, now);
    }
}
