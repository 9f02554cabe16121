package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Filling;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.filling.Composition;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingLine;
import ironpin.filling.PattyVerdict;
import ironpin.filling.SaltShare;
import ironpin.pantry.Food;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.util.ArrayList;
import java.util.List;

/**
 * A test patty was fried and tasted; nobody tastes raw filling. What to add to the rest of the filling, and the plan with it.
 *
 * @param verdict what it tasted like
 * @param salt of the filling it was of, from its lines; zero if they do not tell
 * @param added what to add to the rest: salt, liquid, or filling without salt; empty if nothing
 * @param mass of it
 * @param batch the plan with it added
 */
public record Tasting(PattyVerdict verdict, Percentage salt, String added, Mass mass, Batch batch) {
    private static final String SALT = "fine salt";
    private static final String LIQUID = "unsalted stock, worked in";
    private static final String UNSALTED = "filling without salt";
    /** Where nobody knows how much salt there is, a step that can be tasted. */
    private static final double UNSALTED_BLINDLY = 0.15;

    private static final double LIQUID_OF_FILLING = 0.03;
    private static final double MOST_SALT = 3;
    private static final double LEAST_SALT = 0.3;

    /**
     * What follows from a verdict on the patty of this filling. What it says of salt is what these guests like, so the plan
     * aims at it from now on.
     */
    public static Tasting of(Batch before, int fillingNo, PattyVerdict verdict) {
        Composition of = Composition.of(before.filling(fillingNo).formula());
        double tasted = 100 * of.salt().usual();
        boolean teaches = verdict.aboutSalt() && of.saltKnown();
        Batch batch = teaches ? before.withGuests(before.guests().liking(tasted + verdict.points())) : before;
        return added(batch, fillingNo, verdict);
    }

    private static Tasting added(Batch batch, int fillingNo, PattyVerdict verdict) {
        Filling filling = batch.filling(fillingNo);
        Balance.OfFilling share = Balancer.solve(batch).filling(fillingNo);
        Mass rest = share.made().minus(share.patty());
        Composition of = Composition.of(filling.formula());
        double now = of.salt().usual();
        Percentage salt = of.saltKnown() ? Percentage.ofFraction(now) : Percentage.ZERO;
        if (verdict == PattyVerdict.RIGHT || rest.micrograms() <= 0) {
            return new Tasting(verdict, salt, "", Mass.ZERO, batch);
        }
        if (verdict == PattyVerdict.DRY) {
            Mass liquid = rest.multipliedBy(LIQUID_OF_FILLING);
            return poured(batch, filling, verdict, salt, rest, LIQUID, Food.Role.LIQUID, liquid);
        }
        SaltShare held = new SaltShare(rest, rest.multipliedBy(now));
        double wanted = Math.min(MOST_SALT, Math.max(LEAST_SALT, 100 * now + verdict.points()));
        if (verdict == PattyVerdict.BLAND) {
            Mass more = held.toReach(Percentage.of(wanted));
            return poured(batch, filling, verdict, salt, rest, SALT, Food.Role.SALT, more);
        }
        Mass more = of.saltKnown() ? held.toDilute(Percentage.of(wanted)) : rest.multipliedBy(UNSALTED_BLINDLY);
        Batch after = batch.mapFillings(one ->
                one.no() == fillingNo ? grown(one.withFormula(diluted(one.formula(), more.ratioTo(rest))), more) : one);
        return new Tasting(verdict, salt, more.isZero() ? "" : UNSALTED, more, after);
    }

    private static Tasting poured(
            Batch batch,
            Filling filling,
            PattyVerdict verdict,
            Percentage salt,
            Mass rest,
            String name,
            Food.Role role,
            Mass more) {
        FillingFormula formula =
                more.isZero() ? filling.formula() : with(filling.formula(), name, role, more.ratioTo(rest));
        Batch after = batch.mapFillings(one -> one.no() == filling.no() ? grown(one.withFormula(formula), more) : one);
        return new Tasting(verdict, salt, more.isZero() ? "" : name, more, after);
    }

    /** What is held grows by what is added. */
    private static Filling grown(Filling filling, Mass more) {
        return filling.withAtHand(filling.atHand().map(mass -> mass.plus(more)));
    }

    /** One part of something more for each part of the filling; into the line that has it already, if there is one. */
    private static FillingFormula with(FillingFormula formula, String name, Food.Role role, double part) {
        List<FillingLine> lines = new ArrayList<>();
        boolean placed = false;
        for (FillingLine line : formula.lines()) {
            boolean here = !placed && role(line, role);
            placed |= here;
            double share = line.share().percent() + (here ? 100 * part : 0);
            lines.add(line.with(Percentage.of(share / (1 + part))));
        }
        if (!placed) {
            lines.add(FillingLine.of(name, 100 * part / (1 + part)));
        }
        return new FillingFormula(lines);
    }

    /** Everything grows but the salt itself. */
    private static FillingFormula diluted(FillingFormula formula, double part) {
        double salts = formula.lines().stream()
                .filter(line -> role(line, Food.Role.SALT))
                .mapToDouble(line -> line.share().fraction())
                .sum();
        List<FillingLine> lines = new ArrayList<>();
        for (FillingLine line : formula.lines()) {
            double grows = role(line, Food.Role.SALT) ? 0 : part / (1 - salts);
            lines.add(line.with(Percentage.of(line.share().percent() * (1 + grows) / (1 + part))));
        }
        return new FillingFormula(lines);
    }

    private static boolean role(FillingLine line, Food.Role role) {
        return line.spoken().is(role);
    }
}
