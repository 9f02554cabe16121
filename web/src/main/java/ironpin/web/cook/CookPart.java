package ironpin.web.cook;

import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.SpellField;
import ironpin.cook.CookMethod;
import ironpin.cook.CookStep;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.kit.Stove;
import ironpin.plan.InsidePiece;
import ironpin.plan.LotPlan;
import ironpin.plan.Soonest;
import ironpin.quantity.Sentence;
import ironpin.store.FireStore;
import ironpin.store.StoveStore;
import ironpin.web.kitchen.FireDesk;
import ironpin.web.page.FieldView;
import ironpin.web.page.OneOf;
import ironpin.web.page.Option;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import ironpin.web.picture.RoundPicture;
import ironpin.web.picture.SectionPicture;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the Cook station shows besides: a round over time, a piece cut across, and its spells one by one. */
@Component
class CookPart implements StationPart {
    private static final int MOST_OFFERED = 6;

    /**
     * A spell as it is changed where it stands.
     *
     * @param index from 0
     * @param spell itself
     * @param step as the card says it
     * @param minutes how long
     * @param pour water first; null where none can go in
     * @param after the temperatures when it ends, est.
     */
    record SpellRow(int index, Spell spell, CookStep step, FieldView minutes, FieldView pour, Sentence after) {}

    private final FireStore fire;
    private final FireDesk desk;
    private final StoveStore stoves;

    CookPart(FireStore fire, FireDesk desk, StoveStore stoves) {
        this.stoves = stoves;
        this.fire = fire;
        this.desk = desk;
    }

    @Override
    public Station station() {
        return Station.COOK;
    }

    @Override
    public void show(Screen screen, Model model) {
        LotPlan lot = screen.lot();
        model.addAttribute(
                "way",
                new OneOf(
                        "way",
                        screen.address("plan/method"),
                        "method",
                        "",
                        CookMethod.all().stream()
                                .filter(one -> one.schools().get(0).equals(one))
                                .map(one -> new Option(
                                        one.key(),
                                        one.done(),
                                        one.done().equals(lot.lot().method().done())))
                                .toList()));
        model.addAttribute(
                "starts",
                new OneOf(
                        "start",
                        screen.address("cook/start"),
                        "start",
                        "",
                        OneOf.options(
                                List.of(Start.values()),
                                Start::name,
                                Start::label,
                                lot.lot().cooking().from())));
        model.addAttribute("flames", Flame.values());
        model.addAttribute("fires", fires(lot));
        Optional<InsidePiece> found = InsidePiece.of(lot);
        found.ifPresent(inside -> {
            model.addAttribute("span", RoundPicture.shown(inside));
            model.addAttribute("round", RoundPicture.of(inside, RoundPicture.shown(inside)));
            model.addAttribute(
                    "section",
                    SectionPicture.of(lot.load().body(), inside, inside.course().total()));
        });
        model.addAttribute("spells", rows(screen, found));
        model.addAttribute("fire", FireView.of(screen, fire, desk));
        model.addAttribute("soonest", soonest(lot));
        model.addAttribute("amounts", VesselAmounts.of(lot));
    }

    /**
     * A vessel of the kit on a burner.
     *
     * @param vessel its place among the kit's
     * @param burner its place among the kit's
     */
    record Offered(int vessel, int burner, String name, String says) {}

    private List<Offered> soonest(LotPlan lot) {
        Stove stove = stoves.load();
        return Soonest.of(lot, stove).stream()
                .limit(MOST_OFFERED)
                .map(one -> new Offered(
                        stove.vessels().indexOf(one.vessel()),
                        stove.burners().indexOf(one.burner()),
                        one.vessel().name() + ", " + one.burner().name(),
                        Count.of(one.rounds().sizes().size(), "round") + " of at most "
                                + one.rounds().sizes().stream().findFirst().orElse(0) + ", all out after "
                                + Span.inMinutes(one.all()) + " (est.)"))
                .toList();
    }

    /** Fires that can follow: what the lot's vessel does, a pan after it, or none. */
    private static List<Fire> fires(LotPlan lot) {
        return Arrays.stream(Fire.values())
                .filter(fire -> fire != Fire.BAKE
                        || lot.lot().vessel().kind() == fire.vessel().orElseThrow())
                .toList();
    }

    private static List<SpellRow> rows(Screen screen, Optional<InsidePiece> inside) {
        List<Spell> spells = screen.lot().spells();
        List<CookStep> card = screen.lot().card();
        List<SpellRow> rows = new ArrayList<>();
        for (int i = 0; i < spells.size(); i++) {
            Address.SpellOf at = new Address.SpellOf(screen.lotNo(), i);
            FieldView pour = spells.get(i).fire().pours() ? screen.number(SpellField.SPELL_POUR.at(at)) : null;
            int index = i;
            Sentence after = inside.map(one -> AfterSpell.said(one, index)).orElse(Sentence.EMPTY);
            rows.add(new SpellRow(
                    i, spells.get(i), card.get(i), screen.number(SpellField.SPELL_MINUTES.at(at)), pour, after));
        }
        return rows;
    }
}
