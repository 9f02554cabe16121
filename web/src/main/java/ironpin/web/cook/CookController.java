package ironpin.web.cook;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.SpellComposing;
import ironpin.clock.Progress;
import ironpin.cook.Cooking;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.cook.VesselPacking;
import ironpin.kit.OwnVessel;
import ironpin.kit.Stove;
import ironpin.plan.InsidePiece;
import ironpin.refusal.NotThere;
import ironpin.refusal.Numbered;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.StoredBatch;
import ironpin.store.StoveStore;
import ironpin.web.page.Changes;
import ironpin.web.page.From;
import ironpin.web.page.Screen;
import ironpin.web.page.Screens;
import ironpin.web.page.Shown;
import ironpin.web.picture.RoundPicture;
import ironpin.web.picture.SectionPicture;
import ironpin.web.picture.VesselPicture;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** A way of cooking, put together and tried. */
@Controller
@RequestMapping("/batches/{id}/cook")
class CookController {
    private static final int FRAMES = 90;
    private static final double LEAST_SPAN = 60;
    private static final double MOST_SPAN = 20_000;
    private static final int MOST_MOVED = 200;

    private final BatchStore batches;
    private final StoveStore stoves;
    private final Changes changes;
    private final Screens screens;
    private final Shown shown;

    CookController(BatchStore batches, StoveStore stoves, Changes changes, Screens screens, Shown shown) {
        this.stoves = stoves;
        this.batches = batches;
        this.changes = changes;
        this.screens = screens;
        this.shown = shown;
    }

    /**
     * What a border of two spells would give while it is being dragged: nothing is kept.
     *
     * @param mark which border, from 1; the last is the end
     * @param at seconds after the pieces went in
     * @param span seconds that the picture shows
     */
    @GetMapping("/tried")
    String tried(
            @PathVariable long id,
            @RequestParam int lot,
            @RequestParam int mark,
            @RequestParam double at,
            @RequestParam double span,
            Model model) {
        StoredBatch stored = batches.load(id);
        Batch batch;
        try {
            batch = border(stored.batch(), lot, mark, at);
        } catch (Refused cannotFollow) {
            batch = stored.batch();
        }
        Screen screen = screens.tried(stored, batch, Station.COOK, lot);
        shown.show(screen, Progress.ALL, model);
        InsidePiece.of(screen.lot()).ifPresent(inside -> {
            model.addAttribute(
                    "round",
                    RoundPicture.of(
                            inside, span >= LEAST_SPAN && span <= MOST_SPAN ? span : RoundPicture.shown(inside)));
            model.addAttribute(
                    "section",
                    SectionPicture.of(
                            screen.lot().load().body(), inside, inside.course().total()));
        });
        return "tried :: cooked";
    }

    /** A border let go where it was dragged to. */
    @PostMapping("/border")
    String border(@PathVariable long id, @RequestParam int mark, @RequestParam double at, From from, Model model) {
        return changes.change(id, from, model, "spells moved", batch -> border(batch, from.lotOf(batch), mark, at));
    }

    private static Batch border(Batch batch, int lot, int mark, double at) {
        if (mark < 1 || !(at >= 0 && at <= Spell.LONGEST.toSeconds() * Cooking.MOST_SPELLS)) {
            throw NotThere.called("border", String.valueOf(mark));
        }
        // To five seconds: nobody cooks finer than that.
        return SpellComposing.border(batch, lot, mark, Duration.ofSeconds(5 * Math.round(at / 5)));
    }

    @PostMapping("/add")
    String add(@PathVariable long id, @RequestParam int index, @RequestParam Fire fire, From from, Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                "with a spell " + fire.label(),
                batch -> SpellComposing.add(batch, from.lotOf(batch), index, fire));
    }

    @PostMapping("/drop")
    String drop(@PathVariable long id, @RequestParam int index, From from, Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                "a spell less",
                batch -> SpellComposing.drop(batch, from.lotOf(batch), index));
    }

    /** What is done in a spell besides waiting; boxes that are not ticked are not sent. */
    @PostMapping("/spell")
    String spell(
            @PathVariable long id,
            @RequestParam int index,
            @RequestParam Flame flame,
            @RequestParam(defaultValue = "false") boolean lid,
            @RequestParam(defaultValue = "false") boolean turn,
            @RequestParam(defaultValue = "false") boolean fat,
            @RequestParam(defaultValue = "false") boolean cold,
            From from,
            Model model) {
        return changes.changeSeen(
                id,
                from,
                model,
                batch -> bearer(batch, from, index),
                "spell " + (index + 1) + " changed",
                batch -> SpellComposing.change(
                        batch, new Address.SpellOf(from.lotOf(batch), index), one -> one.withFlame(flame)
                                .withLid(lid)
                                .withTurn(turn)
                                .withFat(fat)
                                .withCold(cold)));
    }

    private static String bearer(Batch batch, From from, int index) {
        return new Address.SpellOf(from.lotOf(batch), index).bearer(batch);
    }

    @PostMapping("/start")
    String start(@PathVariable long id, @RequestParam Start start, From from, Model model) {
        return changes.change(
                id, from, model, start.label(), batch -> SpellComposing.from(batch, from.lotOf(batch), start));
    }

    /** A vessel of the kit on one of its burners. @param vessel @param burner places among the kit's */
    @PostMapping("/vessel")
    String vessel(@PathVariable long id, @RequestParam int vessel, @RequestParam int burner, From from, Model model) {
        Stove stove = stoves.load();
        OwnVessel own = Numbered.of(stove.vessels(), vessel, "vessel");
        double watts = Numbered.of(stove.burners(), burner, "burner").watts();
        return changes.change(
                id,
                from,
                model,
                "in the " + own.name(),
                batch -> batch.mapLot(from.lotOf(batch), lot -> {
                    if (lot.vessel().kind() != own.vessel().kind()) {
                        throw new Refused(
                                "this lot is cooked in a " + lot.vessel().kind().label());
                    }
                    return lot.withVessel(own.vessel().withWatts(watts));
                }));
    }

    @PostMapping("/school")
    String school(@PathVariable long id, From from, Model model) {
        return changes.change(
                id,
                from,
                model,
                "as it is usually done",
                batch -> SpellComposing.asTheSchool(batch, from.lotOf(batch)));
    }

    /**
     * The section as it plays.
     *
     * @param seconds between two pictures
     * @param core °C at each
     * @param skin °C at each
     * @param heat for each, the steps of its cells ring by ring from the middle
     */
    record Played(double seconds, List<Double> core, List<Double> skin, List<int[]> heat) {}

    @GetMapping("/section")
    @ResponseBody
    Played section(@PathVariable long id, @RequestParam int lot) {
        Screen screen = screens.of(id, Optional.of(Station.COOK), lot);
        InsidePiece inside = InsidePiece.of(screen.lot()).orElseThrow(() -> new NotThere("there is no piece"));
        double all = RoundPicture.shown(inside);
        List<Double> core = new ArrayList<>();
        List<Double> skin = new ArrayList<>();
        List<int[]> heat = new ArrayList<>();
        for (int frame = 0; frame < FRAMES; frame++) {
            int sample =
                    inside.course().run().sample(Duration.ofMillis(Math.round(1_000 * all * frame / (FRAMES - 1))));
            core.add(Math.rint(inside.course().run().core()[sample] * 10) / 10);
            skin.add(Math.rint(inside.course().run().surface()[sample] * 10) / 10);
            int[] cells = new int[SectionPicture.RINGS * SectionPicture.PARTS];
            for (int i = 0; i < cells.length; i++) {
                cells[i] = SectionPicture.step(SectionPicture.celsius(
                        inside.course().run(), sample, i / SectionPicture.PARTS, i % SectionPicture.PARTS));
            }
            heat.add(cells);
        }
        return new Played(all / (FRAMES - 1), core, skin, heat);
    }

    /**
     * Where a piece comes to lie that is dragged in its vessel: nothing is kept.
     *
     * @param moved pieces that were dragged before, as in {@code 3:12.5:-30,5:0:44}: which, and where to in mm
     */
    @GetMapping("/lay")
    @ResponseBody
    VesselPacking.Place lay(
            @PathVariable long id,
            @RequestParam int lot,
            @RequestParam int piece,
            @RequestParam double x,
            @RequestParam double y,
            @RequestParam(defaultValue = "") String moved) {
        Screen screen = screens.of(id, Optional.of(Station.COOK), lot);
        VesselPacking packing = screen.lot().rounds().packing();
        int shown = VesselPicture.shown(screen.lot());
        for (String one : moved.isEmpty() ? new String[0] : moved.split(",", MOST_MOVED)) {
            packing = moved(packing, one, shown);
        }
        return packing.moved(piece, Math.rint(x * 10) / 10, Math.rint(y * 10) / 10, shown)
                .places()
                .get(piece);
    }

    private static VesselPacking moved(VesselPacking packing, String said, int shown) {
        String[] parts = said.split(":");
        try {
            return packing.moved(
                    Integer.parseInt(parts[0]), Double.parseDouble(parts[1]), Double.parseDouble(parts[2]), shown);
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException unreadable) {
            throw NotThere.called("place", said);
        }
    }

    /** Other schools and other starts beside one another. */
    @GetMapping("/compare")
    String compare(@PathVariable long id, @RequestParam int lot, Model model) {
        Screen screen = screens.of(id, Optional.of(Station.COOK), lot);
        model.addAttribute("s", screen);
        model.addAttribute("rows", Compared.of(screen.lot()));
        model.addAttribute("sure", InsidePiece.edge(screen.lot()).words());
        return "cooking :: compared";
    }
}
