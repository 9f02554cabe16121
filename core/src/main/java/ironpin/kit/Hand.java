package ironpin.kit;

import ironpin.cook.CookMethod;
import ironpin.cook.Cooking;
import ironpin.crew.Cook;
import ironpin.crew.OwnMinutes;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.pantry.Foods;
import ironpin.portion.Evenness;
import ironpin.quantity.Band;
import ironpin.quantity.Belief;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What was learned about this cook: how salty a filling they like, and what is left of their vegetables when they squeeze
 * them.
 *
 * @param salt percent of a filling
 * @param squeezed percent left of the raw mass, by food and treatment
 * @param folds how full they close a fold, and how long it takes them; folds that were never counted are not there
 * @param fires how long their rounds take against the estimate, by kind of cooking; kinds that were never probed are not there
 * @param evenness of the pieces they cut, if any were weighed
 * @param minutes that kinds of work take them
 */
public record Hand(
        Belief salt,
        Map<String, Belief> squeezed,
        Map<Fold, Handiwork> folds,
        Optional<Evenness> evenness,
        Map<String, Belief> fires,
        OwnMinutes minutes)
        implements Cook {
    /** Of a food that is not in the table everything or half may be left. */
    private static final Band<Percentage> UNKNOWN_FOOD = Band.percent(50, 100);

    /** Percent of salt from one patty to the next. */
    private static final double PATTY_SCATTER = 0.15;

    /** Percent of the raw mass from one squeeze to the next. */
    private static final double SQUEEZE_SCATTER = 4;

    /** Nothing learned yet: the usual band of salt, and of each treatment. */
    public static final Hand UNKNOWN =
            new Hand(Belief.within(1.0, 1.4), Map.of(), Map.of(), Optional.empty(), Map.of(), OwnMinutes.NONE);

    public Hand {
        squeezed = Map.copyOf(squeezed);
        folds = Map.copyOf(folds);
        fires = Map.copyOf(fires);
    }

    /** With what their folds and pieces taught. */
    public Hand atWork(Map<Fold, Handiwork> learned, Optional<Evenness> cut) {
        return new Hand(salt, squeezed, learned, cut, fires, minutes);
    }

    /** With what their probe taught. */
    public Hand atTheFire(Map<String, Belief> learned) {
        return new Hand(salt, squeezed, folds, evenness, learned, minutes);
    }

    /** With the minutes they said or were timed at. */
    public Hand with(OwnMinutes own) {
        return new Hand(salt, squeezed, folds, evenness, fires, own);
    }

    /** How long their rounds take against the estimate. */
    public Belief correction(CookMethod method) {
        return fires.getOrDefault(method.kind(), Cooking.UNTAUGHT);
    }

    /** What to expect of them at a fold. */
    public Handiwork handiwork(Fold fold) {
        return folds.getOrDefault(fold, Handiwork.usual(fold));
    }

    /** After a patty was tasted. @param percent salt of the filling it was of */
    public Hand tasted(PattyVerdict verdict, double percent) {
        return verdict.aboutSalt()
                ? new Hand(
                        salt.after(percent + verdict.points(), PATTY_SCATTER, 1),
                        squeezed,
                        folds,
                        evenness,
                        fires,
                        minutes)
                : this;
    }

    /** After a vegetable was squeezed and weighed. @param food key of the food */
    public Hand weighed(String food, Treatment treatment, Mass raw, Mass left) {
        Map<String, Belief> changed = new HashMap<>(squeezed);
        changed.put(key(food, treatment), left(food, treatment).after(100 * left.ratioTo(raw), SQUEEZE_SCATTER, 1));
        return new Hand(salt, changed, folds, evenness, fires, minutes);
    }

    /** What to expect to be left, in percent of the raw mass. */
    public Belief left(String food, Treatment treatment) {
        Belief known = squeezed.get(key(food, treatment));
        return known != null
                ? known
                : usual(Foods.find(food).map(treatment::left).orElse(UNKNOWN_FOOD));
    }

    private static Belief usual(Band<Percentage> left) {
        return Belief.within(left.low().percent() - 0.01, left.high().percent() + 0.01);
    }

    /** Raw mass for this much treated, by what was learned. */
    @Override
    public Mass raw(String food, Treatment treatment, Mass treated) {
        return treated.dividedBy(left(food, treatment).mean() / 100);
    }

    private static String key(String food, Treatment treatment) {
        return food + "|" + treatment.name();
    }
}
