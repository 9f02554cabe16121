package ironpin.web.page;

import ironpin.batch.Batch;
import ironpin.batch.PlanField;
import ironpin.batch.Station;
import ironpin.caution.Caution;
import ironpin.dip.Dip;
import ironpin.dough.DoughAddition;
import ironpin.filling.FillingLine;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.store.BookEntry;
import ironpin.store.LoggedCorrection;
import ironpin.store.StoredBatch;
import ironpin.web.picture.RibbonPicture;
import ironpin.web.picture.Say;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Everything a batch page shows, from one plan.
 *
 * @param stored the batch as it is kept
 * @param plan what follows from it
 * @param station where the cook stands, or none on the run page
 * @param lot the lane in hand
 * @param past how many lots of its style are in the Book
 * @param lastTime what was said of the last one
 * @param entries what is written about this batch
 * @param corrections made to its dough at the bench
 * @param run how far the work has come
 * @param now kitchen time
 * @param refused a value that was not taken
 */
public record Screen(
        StoredBatch stored,
        BatchPlan plan,
        Optional<Station> station,
        LotPlan lot,
        int past,
        Optional<LastTime> lastTime,
        List<BookEntry> entries,
        List<LoggedCorrection> corrections,
        Run run,
        LocalDateTime now,
        Optional<FieldError> refused) {

    /**
     * A weighed line.
     *
     * @param name what
     * @param share of the whole, editable if the field is there
     * @param percent the share in words
     * @param mass in words
     */
    public record Line(String name, Optional<FieldView> share, String percent, String mass) {}

    public long id() {
        return stored.id();
    }

    public Batch batch() {
        return plan.batch();
    }

    public int lotNo() {
        return lot.lot().no();
    }

    /** Key of the station, or "run". */
    public String place() {
        return station.map(Station::key).orElse("run");
    }

    public List<Stop> stops() {
        return Stop.along(plan, past);
    }

    public String ribbonWide() {
        return RibbonPicture.wide(plan, lotNo());
    }

    public String ribbonNarrow() {
        return RibbonPicture.narrow(plan, lotNo());
    }

    /** The headline under the title. */
    public String subtitle() {
        int kinds = plan.lots().size();
        String several = kinds == 1 ? plan.lots().get(0).lot().name() : kinds + " kinds";
        return several + ", " + Say.count(batch().eaters(), "eats", "eat");
    }

    public List<Finding> findings() {
        return station.map(one -> Findings.at(one, plan, lotNo())).orElse(List.of());
    }

    public List<Caution> cautions() {
        return station.map(one -> Findings.cautions(one, lot)).orElse(List.of());
    }

    /** A number of the plan, for the lane in hand. */
    public FieldView number(String key) {
        return number(key, noOf(PlanField.ofKey(key).orElseThrow()));
    }

    private FieldView number(String key, int no) {
        PlanField field = PlanField.ofKey(key).orElseThrow();
        return FieldView.of(field, no, field.read(batch(), plan.balance(), no), refused);
    }

    private int noOf(PlanField field) {
        return switch (field) {
            case EATERS -> 0;
            case FLOUR, HYDRATION, SALT, OIL, WATER_TEMPERATURE, MIXED, REST, BENCH_LOSS ->
                lot.dough().no();
            case FILLING, FILLING_SHARE, TEST_PATTY, BOWL_LOSS -> lot.filling().no();
            case EACH, PIECES, TO_FREEZER, DOUGH_EACH, FILLING_EACH, ROPE, DISC, CENTRE_TO_RIM -> lotNo();
        };
    }

    /** The dough's lines below the flour. */
    public List<Line> doughLines() {
        List<Line> lines = new ArrayList<>();
        var made = plan.balance().dough(lot.dough().no()).made();
        for (var part : made.parts()) {
            Optional<FieldView> field =
                    switch (part.addition()) {
                        case WATER -> Optional.of(number("hydration"));
                        case SALT -> Optional.of(number("salt"));
                        case OIL -> Optional.of(number("oil"));
                        default -> Optional.empty();
                    };
            boolean fine = part.addition() == DoughAddition.SALT || part.addition() == DoughAddition.LEAVENING;
            lines.add(new Line(
                    part.addition().label(),
                    field,
                    Say.plain(lot.dough().formula().share(part.addition()).percent(), 1) + " %",
                    fine
                            ? Say.fineGrams(part.mass().grams())
                            : Say.grams(part.mass().grams())));
        }
        return lines;
    }

    /** The filling's lines. */
    public List<Line> fillingLines() {
        List<Line> lines = new ArrayList<>();
        List<FillingLine> formula = lot.filling().formula().lines();
        List<Mass> masses = lot.filling()
                .formula()
                .masses(plan.balance().filling(lot.filling().no()).made());
        for (int i = 0; i < formula.size(); i++) {
            int no = lot.filling().no() * PlanField.LINES + i;
            double grams = masses.get(i).grams();
            Optional<FieldView> share =
                    formula.size() > 1 ? Optional.of(number(PlanField.FILLING_SHARE.key(), no)) : Optional.empty();
            lines.add(new Line(
                    formula.get(i).ingredient(),
                    share,
                    Say.plain(formula.get(i).share().percent(), 1) + " %",
                    grams < 50 ? Say.fineGrams(grams) : Say.grams(grams)));
        }
        return lines;
    }

    /** The corrections to this dough, each in a sentence. */
    public List<String> corrected() {
        return corrections.stream().map(Screen::said).toList();
    }

    private static String said(LoggedCorrection logged) {
        var made = logged.correction();
        String step = made.rest().isZero()
                ? made.waterToAdd().isZero()
                        ? "+" + Say.fineGrams(made.flourToAdd().grams()) + " flour"
                        : "+" + Say.fineGrams(made.waterToAdd().grams()) + " water (" + spoons(made.waterToAdd()) + ")"
                : Say.time(made.rest()) + " more rest";
        return "Felt " + made.feel().label() + ": " + step + ", now "
                + Say.plain(logged.hydration().percent(), 1) + " % water.";
    }

    /** Water in quarters of a teaspoon of 5 ml. */
    private static String spoons(Mass water) {
        return Say.plain(Math.max(1, Math.round(water.grams() / 1.25)) / 4.0, 2) + " tsp";
    }

    /** The dip of the lane in hand, measured out. */
    public List<Dip.Measure> dip() {
        return lot.lot().dip().forEaters(batch().eaters());
    }

    /** The entry about the lane in hand, if it has been judged. */
    public Optional<BookEntry> entry() {
        return entries.stream().filter(entry -> entry.lotNo() == lotNo()).findFirst();
    }

    /** Milliseconds of the server's clock, for timers on the page. */
    public long nowMillis() {
        return now.atZone(ZoneId.systemDefault()).toInstant().toEpochMilli();
    }
}
