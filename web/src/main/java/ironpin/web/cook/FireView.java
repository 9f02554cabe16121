package ironpin.web.cook;

import ironpin.devices.probe.ProbeTraits;
import ironpin.plan.LotPlan;
import ironpin.quantity.Belief;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.FireStore;
import ironpin.store.FireStore.Cooked;
import ironpin.store.WorkStore.Of;
import ironpin.web.kitchen.FireDesk;
import ironpin.web.page.Screen;
import ironpin.wording.Count;
import ironpin.wording.Span;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is on the fire and what was.
 *
 * @param now the round that is on, or null
 * @param next the number of the round to come; 0 when all have been in
 * @param pieces in that round
 * @param rounds how many there are
 * @param said every round with its readings, in sentences
 * @param taught what the probe taught, or empty
 * @param traits of the simulated probe
 */
record FireView(
        FireDesk.Shown now, int next, int pieces, int rounds, List<Sentence> said, String taught, ProbeTraits traits) {

    static FireView of(Screen screen, FireStore fire, FireDesk desk) {
        LotPlan lot = screen.lot();
        Of of = new Of(screen.id(), lot.lot().no());
        List<Cooked> cooked = fire.rounds(of);
        List<Integer> sizes = lot.rounds().sizes();
        int next = cooked.size() < sizes.size() ? cooked.size() + 1 : 0;
        Optional<FireDesk.Shown> now = desk.shown(of);
        Belief learned = screen.kit().hand().correction(lot.lot().method());
        String taught = learned.lessons() == 0
                ? ""
                : "Rounds " + lot.lot().method().done() + " took " + Decimal.trimmed(learned.mean(), 2)
                        + " times the model in " + Count.of(learned.lessons(), "reading") + " (est., between "
                        + Decimal.trimmed(learned.low(), 2) + " and " + Decimal.trimmed(learned.high(), 2)
                        + "); the next batch is planned with it.";
        return new FireView(
                now.orElse(null),
                next,
                next == 0 ? 0 : sizes.get(next - 1),
                sizes.size(),
                said(cooked, screen.now().getZone()),
                taught,
                desk.traits());
    }

    static List<Sentence> said(List<Cooked> cooked, ZoneId zone) {
        List<Sentence> lines = new ArrayList<>();
        for (Cooked one : cooked) {
            String in = TimeOfDay.of(one.in().atZone(zone));
            String out = one.out()
                    .map(end -> ", out after "
                            + Span.of(Duration.ofSeconds(
                                    Duration.between(one.in(), end).toSeconds())))
                    .orElse(", on the fire");
            lines.add(Sentence.of(
                    "Round " + one.round() + ", " + Count.of(one.pieces(), "piece") + ": in at " + in + out + "."));
            one.probed()
                    .forEach(read -> lines.add(Sentence.of(
                            Quantity.celsius(read.read().celsius()),
                            " in the middle after ",
                            Span.of(read.at()),
                            "; the estimate was ",
                            Quantity.celsius(read.meant().celsius()),
                            ".")));
        }
        return lines;
    }
}
