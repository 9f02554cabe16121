package ironpin.web.cook;

import ironpin.cook.Bake;
import ironpin.cook.CookMethod;
import ironpin.cook.Cooking;
import ironpin.cook.Load;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.plan.InsidePiece;
import ironpin.plan.LotPlan;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One way beside others, all of them estimates.
 *
 * @param way school, in short, and where the pieces come from
 * @param present whether it is the one that is planned
 * @param spells how long they last
 * @param safe when light to heavy pieces are safe
 * @param atEnd the middle of the late ones when the spells end
 * @param enough whether that is enough
 * @param skin how long the skin has been over 90 °C by then
 */
record Compared(String way, boolean present, String spells, String safe, Sentence atEnd, boolean enough, String skin) {
    static List<Compared> of(LotPlan lot) {
        List<Compared> rows = new ArrayList<>();
        Cooking now = lot.lot().cooking();
        if (!now.own().isEmpty()) {
            add(rows, lot, "your spells", now.own(), now.from(), lot.lot().method(), true);
        }
        for (CookMethod method : lot.lot().method().schools()) {
            for (Start start : Start.values()) {
                boolean present = now.own().isEmpty() && method.equals(lot.lot().method()) && start == now.from();
                add(
                        rows,
                        lot,
                        shortly(method),
                        method.ready(lot.share().piece(), lot.lot().vessel(), start),
                        start,
                        method,
                        present);
            }
        }
        return rows;
    }

    private static String shortly(CookMethod method) {
        return method.school().split("[:,]")[0];
    }

    private static void add(
            List<Compared> rows,
            LotPlan lot,
            String name,
            List<Spell> spells,
            Start start,
            CookMethod method,
            boolean present) {
        Load load = lot.load();
        double oven = method instanceof Bake way ? way.oven().celsius() : Load.OVEN;
        Optional<InsidePiece> found = InsidePiece.of(
                lot,
                new Load(load.body(), load.piece(), load.count(), spells, start.temperature(), load.vessel(), oven));
        found.ifPresent(inside -> rows.add(new Compared(
                name + ", " + start.label(),
                present,
                Span.of(inside.course().total()),
                range(inside),
                Quantity.celsius(Math.floor(inside.lateAtEnd())),
                inside.safeAtEnd(),
                Span.of(InsidePiece.up(inside.skinTime())))));
    }

    private static String range(InsidePiece inside) {
        if (inside.most().isEmpty()) {
            return "not by then";
        }
        String most = Span.of(InsidePiece.up(inside.most().get()));
        return inside.least()
                .map(least -> Span.of(InsidePiece.up(least)) + " to " + most)
                .orElse(most);
    }
}
