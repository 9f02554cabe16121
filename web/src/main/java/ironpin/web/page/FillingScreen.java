package ironpin.web.page;

import ironpin.batch.Filling;
import ironpin.batch.PlanField;
import ironpin.filling.Composition;
import ironpin.filling.FillingLine;
import ironpin.filling.Food;
import ironpin.filling.Foods;
import ironpin.filling.MixSchool;
import ironpin.filling.OrderCard;
import ironpin.filling.Treatment;
import ironpin.kit.Hand;
import ironpin.quantity.Belief;
import ironpin.quantity.Mass;
import ironpin.store.LoggedTasting;
import ironpin.web.picture.Say;
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
     * @param note raw mass to buy, salt and fat in it
     * @param treatment of a vegetable, by its name; empty where none is spoken of, absent for anything else
     * @param weighable whether what is left of it can be weighed and learned
     */
    public record Line(
            int index,
            String name,
            Optional<FieldView> share,
            FieldView grams,
            String note,
            Optional<String> treatment,
            boolean weighable) {}

    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        List<FillingLine> formula = filling.formula().lines();
        List<Mass> masses = filling.formula()
                .masses(screen.plan().balance().filling(filling.no()).made());
        for (int i = 0; i < formula.size(); i++) {
            int no = filling.no() * PlanField.LINES + i;
            String name = formula.get(i).ingredient();
            Optional<FieldView> share = formula.size() > 1
                    ? Optional.of(screen.number(PlanField.FILLING_SHARE.key(), no))
                    : Optional.empty();
            FieldView grams = screen.number(PlanField.FILLING_GRAMS.key(), no);
            lines.add(new Line(
                    i,
                    name,
                    share,
                    grams,
                    note(name, masses.get(i), screen.kit().hand()),
                    treatment(name),
                    weighable(name)));
        }
        return lines;
    }

    /** Whether set stock could go in. */
    public boolean soupless() {
        return filling.kind().raw() && filling.formula().aspic().isEmpty();
    }

    /** Whether its meat is leaner than juicy. */
    public boolean lean() {
        return Composition.of(filling.formula())
                .fatOfMeat(filling.formula())
                .filter(fat -> fat.compareTo(Composition.JUICY_FAT.low()) < 0)
                .isPresent();
    }

    /** What the button for it says. */
    public String blending() {
        return "blend the meat to " + Say.plain(Composition.WANTED_FAT.percent(), 0) + " % with back fat";
    }

    /** The order of adding. */
    public List<OrderCard.Step> order() {
        Mass made = screen.plan().balance().filling(filling.no()).made();
        return made.isZero()
                ? List.of()
                : OrderCard.of(filling.formula(), made, filling.school()).steps();
    }

    /** The schools that suit it. */
    public List<MixSchool> schools() {
        return MixSchool.suiting(filling.kind());
    }

    /** A line's name that was refused, by its place. */
    public Optional<FieldError> refused(int index) {
        return screen.refused().filter(error -> error.field().equals("filling-name") && error.no() == index);
    }

    private static boolean weighable(String name) {
        return Foods.named(name).filter(Food::weeps).isPresent()
                && Treatment.spokenOf(name)
                        .filter(done -> done != Treatment.OIL)
                        .isPresent();
    }

    /** Why a weighing was refused, by the place of its line. */
    public Optional<FieldError> weighed(int index) {
        return screen.refused().filter(error -> error.field().equals("weighed") && error.no() == index);
    }

    /** What patties of this filling said, each in a sentence. */
    public List<String> tasted() {
        return screen.tastings().stream()
                .filter(one -> one.fillingNo() == filling.no())
                .map(FillingScreen::said)
                .toList();
    }

    private static String said(LoggedTasting one) {
        String of = "Tasted " + one.verdict().label() + " at "
                + Say.plain(one.salt().percent(), 2) + " % salt (est.)";
        return one.added().isEmpty()
                ? of + ": nothing added."
                : of + ": add " + Say.fineGrams(one.mass().grams()) + " of " + one.added() + " to the rest.";
    }

    /** What the cook likes, once a patty has said so. */
    public String liking() {
        Belief salt = screen.kit().hand().salt();
        return salt.lessons() == 0
                ? ""
                : "You like about " + Say.plain(salt.mean(), 2) + " % salt, likely " + Say.plain(salt.low(), 2) + " to "
                        + Say.plain(salt.high(), 2) + " (" + Say.count(salt.lessons(), "patty", "patties")
                        + "). New plans aim at it.";
    }

    private static Optional<String> treatment(String name) {
        boolean vegetable = Foods.named(name)
                .filter(food -> food.role() == Food.Role.VEGETABLE)
                .isPresent();
        return vegetable
                ? Optional.of(Treatment.spokenOf(name).map(Treatment::name).orElse(""))
                : Optional.empty();
    }

    private static String note(String name, Mass mass, Hand hand) {
        Optional<Food> food = Foods.named(name);
        if (food.isEmpty()) {
            return "not known by name";
        }
        Optional<Treatment> treatment = Treatment.spokenOf(name);
        boolean vegetable = food.get().weeps();
        if (vegetable && treatment.isPresent() && treatment.get() != Treatment.OIL) {
            Treatment done = treatment.get();
            Belief left = hand.left(food.get().key(), done);
            String learned = left.lessons() == 0
                    ? Say.plain(done.left().low().percent(), 0) + "–"
                            + Say.plain(done.left().high().percent(), 0) + " % is left, est.): "
                    : "yours: " + Say.plain(left.mean(), 0) + " % is left, weighed "
                            + Say.count(left.lessons(), "time", "times") + "): ";
            return "buy about "
                    + Say.grams(hand.raw(food.get().key(), done, mass).grams()) + " (" + learned + done.how();
        }
        if (food.get().role() == Food.Role.MEAT || food.get().role() == Food.Role.FAT) {
            return Say.plain(100 * food.get().fat(), 0) + " % fat" + (name.contains("% fat") ? "" : " (est.)");
        }
        return food.get().role() != Food.Role.SALT && food.get().salt() >= 0.005
                ? Say.plain(100 * food.get().salt(), 1) + " % salt"
                : "";
    }
}
