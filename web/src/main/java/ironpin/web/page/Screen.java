package ironpin.web.page;

import ironpin.allergen.AllergenLines;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.Station;
import ironpin.batch.balance.WeighedDough;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.caution.Caution;
import ironpin.clock.Forecast;
import ironpin.dip.Dip;
import ironpin.kit.Kit;
import ironpin.pantry.Allergen;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import ironpin.plan.LotPlan;
import ironpin.quantity.Sentence;
import ironpin.store.BookEntry;
import ironpin.store.Status;
import ironpin.store.StoredBatch;
import ironpin.web.picture.LaneWork;
import ironpin.web.picture.RibbonNotes;
import ironpin.web.picture.RibbonPicture;
import ironpin.wrapper.Fold;
import java.time.ZonedDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything a batch page shows, from one plan.
 *
 * @param stored the batch as it is kept
 * @param says what follows from it, and what that says
 * @param station where the cook stands, or none on the run page
 * @param lot the lane in hand
 * @param kit what stands in the kitchen
 * @param noted what is written down about it
 * @param run how far the work has come
 * @param now kitchen time
 * @param answered what is answered to a value that was sent
 * @param underway what goes on while the page is open
 */
public record Screen(
        StoredBatch stored,
        PlanSays says,
        Optional<Station> station,
        LotPlan lot,
        Kit kit,
        Noted noted,
        Run run,
        ZonedDateTime now,
        Answered answered,
        Underway underway) {

    /**
     * A weighed line.
     *
     * @param name what
     * @param share of the whole, editable if the field is there
     * @param percent the share in words
     * @param mass in words
     */
    public record Line(String name, Optional<FieldView> share, String percent, Sentence mass) {}

    public long id() {
        return stored.id();
    }

    /** Where something of this batch is changed or shown. @param what within it */
    public String address(String what) {
        return "/batches/" + id() + "/" + what;
    }

    public BatchPlan plan() {
        return says.plan();
    }

    public Batch batch() {
        return plan().batch();
    }

    public int lotNo() {
        return lot.lot().no();
    }

    /** Key of the station, or "run". */
    public String place() {
        return station.map(Station::key).orElse("run");
    }

    public List<Stop> stops() {
        return Stop.along(says, noted.past());
    }

    public Sentence ribbonWide() {
        return ribbon(true);
    }

    public Sentence ribbonNarrow() {
        return ribbon(false);
    }

    /** While work goes on the ribbon moves with it; before and after it is drawn once. */
    private Sentence ribbon(boolean wide) {
        RibbonNotes notes = notes();
        Ribbon asked = new Ribbon(wide, lotNo(), notes);
        return notes.work().isEmpty() ? says.once(asked, asked::of) : asked.of(plan());
    }

    private record Ribbon(boolean wide, int lot, RibbonNotes notes) {
        Sentence of(BatchPlan plan) {
            return wide ? RibbonPicture.wide(plan, lot, notes) : RibbonPicture.narrow(plan, lot, notes);
        }
    }

    private RibbonNotes notes() {
        Map<Integer, LaneWork> work = stored.status() == Status.RUNNING ? run.work(plan()) : Map.of();
        return new RibbonNotes(
                Corrected.marks(noted.corrections()), work, "/batches/" + id() + "/" + place() + "?lot=", Map.of());
    }

    public List<Finding> findings() {
        return station.map(one -> says.findings(one, lotNo(), lateness())).orElse(List.of());
    }

    /** How late it is by now; nothing once it is in the Book. */
    public Optional<Forecast> lateness() {
        return stored.status() == Status.DONE ? Optional.empty() : Optional.of(run.forecast());
    }

    /** What is late about it, or does not go together, and the one press that mends it, beside the next line. */
    public Optional<Finding> late() {
        return lateness()
                .filter(day -> day.isLate() || !day.table().clashes().isEmpty())
                .map(day -> Findings.start(plan(), Optional.of(day)));
    }

    /** What was refused in a field, or null. */
    public FieldError refusal(String field, int no) {
        return answered.refused().filter(error -> error.of(field, no)).orElse(null);
    }

    /** What was refused at an address, or null. */
    public FieldError refusal(String field, String at) {
        return answered.refused()
                .filter(error -> error.field().equals(field) && error.at().equals(at))
                .orElse(null);
    }

    /** Every lot with what some must avoid in it. */
    public List<Eaten> eaten() {
        return says.eaten();
    }

    /** What some must avoid in the lane in hand, in words. */
    public String contains() {
        return AllergenLines.ofLot(batch(), lot.lot()).said();
    }

    public List<Caution> cautions() {
        return station.map(one -> Findings.cautions(one, lot)).orElse(List.of());
    }

    /** A number of the plan(), for the lane in hand. */
    public FieldView number(String key) {
        return number(PlanField.ofKey(key).of(batch(), lotNo()));
    }

    /** The numbers of a lot that belong to this station, in the order of the work. */
    public List<FieldView> numbers() {
        return station.map(here -> PlanField.all().stream()
                        .filter(field -> field.station() == here && field.applies(batch(), lotNo()))
                        .<FieldView>map(field -> number(field.of(batch(), lotNo())))
                        .toList())
                .orElse(List.of());
    }

    /** A number of the plan(). */
    public FieldView number(PlanNumber<?> number) {
        return FieldView.of(number, number.read(batch(), plan().balance()), answered);
    }

    /** Whether this pin holds the lot in hand. @param which its name */
    public boolean holds(String which) {
        Pin pin = lot.pin();
        boolean both = pin == Pin.BOTH
                && (Pin.FLOUR.name().equals(which) || Pin.FILLING.name().equals(which));
        return both || pin.name().equals(which);
    }

    /** Whether of flour and filling one is held, and the other follows. */
    public boolean holdsOneOfTwo() {
        return lot.pin() == Pin.FLOUR || lot.pin() == Pin.FILLING;
    }

    public boolean planned() {
        return stored.status() == Status.PLANNED;
    }

    public boolean running() {
        return stored.status() == Status.RUNNING;
    }

    public boolean finished() {
        return stored.status() == Status.DONE;
    }

    /** Whether there is room for another lot. */
    public boolean takesALot() {
        return batch().lots().size() < Batch.MOST_LOTS;
    }

    /** Every fold there is, for the atlas. */
    public List<Fold> everyFold() {
        return List.of(Fold.values());
    }

    /** The folds that the skin in hand can hold. */
    public List<Fold> folds() {
        return lot.lot().folds();
    }

    /** The dough's lines below the flour. */
    public List<Line> doughLines() {
        return weighedDough().lines().stream()
                .filter(line -> !line.flour())
                .map(line -> new Line(line.name(), Optional.empty(), "", line.amount()))
                .toList();
    }

    /** The dough of the lane in hand, as it is weighed out. */
    public WeighedDough weighedDough() {
        return WeighedDough.of(
                lot.dough(), plan().balance().dough(lot.dough().no()).made());
    }

    /** What somebody may avoid, each with whether somebody does. */
    public Map<Allergen, Boolean> avoidable() {
        Map<Allergen, Boolean> all = new EnumMap<>(Allergen.class);
        for (Allergen one : Allergen.values()) {
            all.put(one, batch().guests().avoided().contains(one));
        }
        return all;
    }

    /** The corrections to this dough, each in a sentence. */
    public List<Sentence> corrected() {
        return noted.corrections().stream()
                .filter(one -> one.doughNo() == lot.dough().no())
                .map(Corrected::said)
                .toList();
    }

    /** The dip of the lane in hand, measured out. */
    public List<Dip.Measure> dip() {
        return lot.lot().dip().forEaters(batch().eaters());
    }

    /** Lots that have not been judged, the lane in hand left out. */
    public List<Lot> unjudged() {
        return batch().lots().stream()
                .filter(one -> one.no() != lotNo())
                .filter(one -> noted.entries().stream().noneMatch(entry -> entry.lotNo() == one.no()))
                .toList();
    }

    /** The entry about the lane in hand, if it has been judged. */
    public Optional<BookEntry> entry() {
        return noted.entries().stream()
                .filter(entry -> entry.lotNo() == lotNo())
                .findFirst();
    }

    /** Milliseconds of the server's clock, for timers on the page. */
    public long nowMillis() {
        return now.toInstant().toEpochMilli();
    }
}
