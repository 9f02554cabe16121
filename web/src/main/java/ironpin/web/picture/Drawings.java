package ironpin.web.picture;

import ironpin.clock.Timetable;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.wrapper.Fold;
import java.time.ZonedDateTime;
import java.util.Set;

/** The pictures of the stations, by the names that templates call them. */
public final class Drawings {
    public Sentence table(BatchPlan plan) {
        return TablePicture.of(plan);
    }

    public Sentence hydration(LotPlan lot) {
        return HydrationPicture.of(lot);
    }

    public Sentence water(BatchPlan plan, LotPlan lot) {
        return WaterPicture.of(plan.batch().waters(), lot);
    }

    public Sentence knead(LotPlan lot) {
        return KneadPicture.of(lot.dough().restPlan());
    }

    public Sentence pack(LotPlan lot) {
        return PackPicture.of(lot);
    }

    public Sentence filling(BatchPlan plan, LotPlan lot) {
        return FillingPicture.of(plan, lot);
    }

    public Sentence rope(LotPlan lot) {
        return PortionPicture.of(lot);
    }

    public Sentence wrapper(LotPlan lot) {
        return WrapperPicture.of(lot);
    }

    public Sentence fold(LotPlan lot) {
        return FoldPicture.of(lot);
    }

    /** A closed piece, small. */
    public Sentence closed(Fold fold) {
        return closed(fold, "dough-pale", "fill-meat");
    }

    /** The same in a lot's colours. @param skin colour class of the skin @param filling colour class of the filling */
    public Sentence closed(Fold fold, String skin, String filling) {
        Svg svg = Svg.picture("closed-picture", 100, 60, Sentence.of(fold.label()))
                .open("g", "class", skin);
        FoldShape.draw(svg, fold, filling);
        return svg.close("g").done();
    }

    public Sentence vessel(LotPlan lot) {
        return VesselPicture.of(lot);
    }

    /** @param pieces that are in it */
    public Sentence vessel(LotPlan lot, int pieces) {
        return VesselPicture.of(lot, pieces);
    }

    public Sentence clock(BatchPlan plan, Timetable table, Set<String> done, ZonedDateTime now) {
        return ClockPicture.of(plan, table, done, now);
    }
}
