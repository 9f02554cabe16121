package ironpin.web.picture;

import ironpin.quantity.Sentence;
import ironpin.clock.Timetable;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.wrapper.Fold;
import java.time.ZonedDateTime;
import java.util.Set;

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
        return PortionPicture.of(lot);
    }

    public String wrapper(LotPlan lot) {
        return WrapperPicture.of(lot);
    }

    public String fold(LotPlan lot) {
        return FoldPicture.of(lot);
    }

    /** A closed piece, small. */
    public String closed(Fold fold) {
        return closed(fold, "dough-pale", "fill-meat");
    }

    /** A lot's piece as it would be in another fold, small. */
    public String closed(LotPlan lot, Fold fold) {
        return closed(fold, Tones.skin(lot), Tones.of(lot.filling().kind()));
    }

    private static String closed(Fold fold, String skin, String filling) {
        Svg svg = Svg.picture("closed-picture", 100, 60, Sentence.of(fold.label())).open("g", "class", skin);
        FoldShape.draw(svg, fold, filling);
        return svg.close("g").done();
    }

    public String vessel(LotPlan lot) {
        return VesselPicture.of(lot);
    }

    /** @param pieces that are in it */
    public String vessel(LotPlan lot, int pieces) {
        return VesselPicture.of(lot, pieces);
    }

    public String clock(BatchPlan plan, Timetable table, Set<String> done, ZonedDateTime now) {
        return ClockPicture.of(plan, table, done, now);
    }
}
