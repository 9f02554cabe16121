package ironpin.web.filling;

import ironpin.batch.Filling;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.FillingField;
import ironpin.filling.Composition;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.filling.OrderCard;
import ironpin.filling.SafeCore;
import ironpin.filling.Spoken;
import ironpin.filling.Treatment;
import ironpin.household.Household;
import ironpin.kit.Hand;
import ironpin.pantry.Food;
import ironpin.quantity.Belief;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.store.LoggedTasting;
import ironpin.web.page.FieldError;
import ironpin.web.page.FieldView;
import ironpin.web.page.OneOf;
import ironpin.web.page.Option;
import ironpin.web.page.Screen;
import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the filling station shows of a screen: its lines, each with what to know about it. */
public final class FillingScreen {
    private final Screen screen;
    private final Filling filling;

    FillingScreen(Screen screen) {
        this.screen = screen;
        this.filling = screen.lot().filling();
    }

    /**
     * A line of the filling.
     *
     * @param index its place
     * @param name as the cook writes it
     * @param share of the filling, editable where there are several
     * @param grams of it, editable
     * @param fills cups and spoons of it, where those are read
     * @param note raw mass to buy, salt and fat in it
     * @param treatments what may be done to it first; none for most
     * @param done which of them its name speaks of
     * @param weighable whether what is left of it can be weighed and learned
     */
    public record Line(
            int index,
            String name,
            Optional<FieldView> share,
            FieldView grams,
            Sentence fills,
            Sentence note,
            List<Treatment> treatments,
            Optional<Treatment> done,
            boolean weighable) {}

    /** What it is mostly of. */
    public OneOf kind() {
        List<Option> kinds =
                OneOf.options(List.of(FillingKind.values()), FillingKind::name, FillingKind::label, filling.kind());
        return new OneOf("filling-kind", screen.address("filling/kind"), "kind", "", kinds);
    }

    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        List<FillingLine> formula = filling.formula().lines();
        List<Mass> masses = filling.formula()
                .masses(screen.plan().balance().filling(filling.no()).made());
        for (int i = 0; i < formula.size(); i++) {
            Address.LineOf at = new Address.LineOf(filling.no(), i);
            FillingLine line = formula.get(i);
            Spoken spoken = line.spoken();
            Optional<FieldView> share = formula.size() > 1
                    ? Optional.of(screen.number(FillingField.FILLING_SHARE.at(at)))
                    : Optional.empty();
            FieldView grams = screen.number(FillingField.FILLING_GRAMS.at(at));
            lines.add(new Line(
                    i,
                    line.ingredient(),
                    share,
                    grams,
                    Household.fills(line.ingredient(), masses.get(i)),
                    note(line, masses.get(i), screen.kit().hand()),
                    spoken.food().map(Treatment::suiting).orElse(List.of()),
                    spoken.done(),
                    weighable(spoken)));
        }
        return lines;
    }

    /** Whether set stock could go in. */
    public boolean soupless() {
        return SafeCore.of(filling.formula()).mindRaw()
                && filling.formula().aspic().isEmpty();
    }

    /** Whether its meat is leaner than juicy. */
    public boolean lean() {
        return Composition.of(filling.formula())
                .fatOfMeat()
                .filter(fat -> fat.compareTo(Composition.JUICY_FAT.low()) < 0)
                .isPresent();
    }

    /** What the button for it says. */
    public String blending() {
        return "blend the meat to " + Decimal.trimmed(Composition.WANTED_FAT.percent(), 0) + " % with back fat";
    }

    /** The order of adding. */
    public List<OrderCard.Step> order() {
        Mass made = screen.plan().balance().filling(filling.no()).made();
        return made.isZero()
                ? List.of()
                : OrderCard.of(
                                filling.formula(),
                                made,
                                filling.school(),
                                filling.testPatty(),
                                screen.kit().hand())
                        .steps();
    }

    /** The schools that suit it. */
    public List<MixSchool> schools() {
        return MixSchool.suiting(filling.kind());
    }

    /** A line's name that was refused, by its place. */
    public Optional<FieldError> refused(int index) {
        return screen.answered().refused().filter(error -> error.of("filling-name", index));
    }

    private static boolean weighable(Spoken spoken) {
        return spoken.food().isPresent()
                && spoken.done()
                        .filter(done -> done.shrinks() || done == Treatment.SOAK)
                        .isPresent();
    }

    /** A weighing that was refused, by the place of its line. */
    public Optional<RefusedWeighing> weighed(int index) {
        return screen.answered()
                .refused()
                .filter(error -> error.of(RefusedWeighing.FIELD, index))
                .map(RefusedWeighing::of);
    }

    /** Whether it may not be tasted before it is cooked. */
    public boolean mindRaw() {
        return SafeCore.of(filling.formula()).mindRaw();
    }

    /** What patties of this filling said, each in a sentence. */
    public List<Sentence> tasted() {
        return screen.noted().tastings().stream()
                .filter(one -> one.fillingNo() == filling.no())
                .map(FillingScreen::said)
                .toList();
    }

    private static Sentence said(LoggedTasting one) {
        String of = "Tasted " + one.verdict().label() + " at "
                + Decimal.trimmed(one.salt().percent(), 2) + " % salt (est.)";
        return one.added().isEmpty()
                ? Sentence.of(of + ": nothing added.")
                : Sentence.of(
                        of, ": add ", Quantity.fineGrams(one.mass().grams()), " of ", one.added(), " to the rest.");
    }

    /** What the cook likes, once a patty has said so. */
    public String liking() {
        Belief salt = screen.kit().hand().salt();
        return salt.lessons() == 0
                ? ""
                : "You like about " + Decimal.trimmed(salt.mean(), 2) + " % salt, likely "
                        + Decimal.trimmed(salt.low(), 2) + " to "
                        + Decimal.trimmed(salt.high(), 2) + " (" + Count.of(salt.lessons(), "patty", "patties")
                        + "). New plans aim at it.";
    }

    private static Sentence note(FillingLine line, Mass mass, Hand hand) {
        Spoken spoken = line.spoken();
        if (spoken.food().isEmpty()) {
            return Sentence.of("not known by name: it counts in no sum of salt, fat or allergens");
        }
        Food food = spoken.food().get();
        List<Sentence> notes = new ArrayList<>();
        if (spoken.guessed()) {
            notes.add(Sentence.of("taken for " + food.label() + ": a guess"));
        }
        if (weighable(spoken)) {
            notes.add(bought(food, spoken.done().orElseThrow(), mass, hand));
        }
        boolean meat = food.role() == Food.Role.MEAT || food.role() == Food.Role.FAT;
        if (meat && food.fat() > 0) {
            notes.add(Sentence.of(Decimal.trimmed(100 * food.fat(), 0) + " % fat"
                    + (spoken.name().fat().isPresent() ? "" : " (est.)")));
        }
        if (food.role() != Food.Role.SALT && food.salt().high() >= 0.005) {
            notes.add(Sentence.of(
                    salt(food, spoken.done().filter(Treatment.SALT::equals).isPresent())));
        }
        return Sentence.join(" · ", notes);
    }

    private static String salt(Food food, boolean salted) {
        String low = Decimal.trimmed(100 * food.salt().low(), 1);
        String high = Decimal.trimmed(100 * food.salt().high(), 1);
        if (low.equals(high)) {
            return low + " % salt (est.)";
        }
        return low + " to " + high + (salted ? " % salt stay in it (est.)" : " % salt: its packet says");
    }

    private static Sentence bought(Food food, Treatment done, Mass mass, Hand hand) {
        Belief left = hand.left(food.key(), done);
        String learned = left.lessons() == 0
                ? Decimal.trimmed(done.left(food).low().percent(), 0) + "–"
                        + Decimal.trimmed(done.left(food).high().percent(), 0) + " % is left, est.): "
                : "yours: " + Decimal.trimmed(left.mean(), 0) + " % is left, weighed "
                        + Count.of(left.lessons(), "time", "times") + "): ";
        return Sentence.of(
                "buy about ", Quantity.grams(hand.raw(food.key(), done, mass).grams()), " (", learned, done.how());
    }
}
