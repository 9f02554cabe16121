package ironpin.batch.edit;

import static ironpin.batch.edit.PlanField.lot;
import static ironpin.batch.edit.PlanField.spell;

import ironpin.batch.Station;
import ironpin.cook.Cooking;
import ironpin.cook.Fire;
import ironpin.cook.Spell;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/** The numbers of a way of cooking. Writing one makes the spells the cook's own: a time that a cook gives beats an estimate. */
public final class SpellField {
    private static final double SECONDS = 60;
    private static final int MOST_POURS = 6;

    /** How long. */
    public static final PlanField<Address.SpellOf> SPELL_MINUTES = spell("spell-minutes", "minutes of it")
            .range(0.25, 180, "min", 0.5, 2)
            .reads((batch, balance, at) -> at.in(batch).time().toSeconds() / SECONDS)
            .writes((batch, at, minutes) -> SpellComposing.change(
                    batch, at, spell -> spell.withTime(Duration.ofSeconds(Math.round(minutes * SECONDS)))));

    /** Cold water that goes in at its beginning. */
    public static final PlanField<Address.SpellOf> SPELL_POUR = spell("spell-pour", "water poured in first")
            .range(0, Spell.MOST_POURED.grams(), "g", 10, 0)
            .food((batch, at) -> Optional.of(Foods.get("water")))
            .reads((batch, balance, at) -> at.in(batch).pour().grams())
            .writes((batch, at, grams) ->
                    SpellComposing.change(batch, at, spell -> spell.withPour(Mass.ofGrams(grams))));

    /** How often cold water goes into the pot. */
    public static final PlanField<Address.OfLot> COLD_WATERS = lot("cold-waters", "times cold water", Station.COOK)
            .range(0, MOST_POURS, "", 1, 0)
            .when((batch, at) ->
                    SpellComposing.spells(batch, at.no()).stream().anyMatch(one -> one.fire() == Fire.BOIL))
            .reads((batch, balance, at) -> SpellComposing.pours(batch, at.no()))
            .writes((batch, at, times) -> SpellComposing.pour(batch, at.no(), (int) times));

    /** Pieces that go into a round. */
    public static final PlanField<Address.OfLot> AT_ONCE = lot(
                    "at-once", "pieces a round (0: what it takes)", Station.COOK)
            .range(0, Cooking.MOST_AT_ONCE, "", 1, 0)
            .reads((batch, balance, at) -> batch.lot(at.no()).cooking().atOnce())
            .writes((batch, at, pieces) ->
                    batch.mapLot(at.no(), lot -> lot.withCooking(lot.cooking().atOnce((int) pieces))));

    static final List<PlanField<?>> ALL = List.of(SPELL_MINUTES, SPELL_POUR, COLD_WATERS, AT_ONCE);

    private SpellField() {}
}
