package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balancer;
import ironpin.cook.Cooking;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.quantity.Mass;
import ironpin.refusal.Numbered;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Putting a way of cooking together, spell by spell. The first change makes the school's sequence the cook's own. */
public final class SpellComposing {
    private static final Duration USUAL = Duration.ofMinutes(2);
    private static final Mass GLASS = Mass.ofGrams(120);

    private SpellComposing() {}

    /** A lot's spells, its own or its school's. */
    public static List<Spell> spells(Batch batch, int lotNo) {
        Lot lot = batch.lot(lotNo);
        return lot.cooking().own().isEmpty()
                ? lot.spells(Balancer.solve(batch).lot(lotNo).piece())
                : lot.cooking().own();
    }

    /** With a spell changed. @throws ironpin.refusal.NotThere if there is none */
    public static Batch change(Batch batch, Address.SpellOf at, UnaryOperator<Spell> change) {
        List<Spell> spells = new ArrayList<>(spells(batch, at.lot()));
        spells.set(at.index(), change.apply(Numbered.of(spells, at.index(), "step of cooking")));
        return with(batch, at.lot(), spells);
    }

    /** With one more behind a spell: the same fire for another two minutes, or two minutes in another. @param index from 0 */
    public static Batch add(Batch batch, int lotNo, int index, Fire fire) {
        List<Spell> spells = new ArrayList<>(spells(batch, lotNo));
        Spell before = Numbered.of(spells, index, "step of cooking");
        if (spells.size() >= Cooking.MOST_SPELLS) {
            throw new Refused("a way of cooking has up to 12 steps");
        }
        Flame flame = fire == before.fire() ? before.flame() : fire == Fire.BOIL ? Flame.HIGH : Flame.MEDIUM;
        boolean covered = fire == Fire.STEAM;
        spells.add(index + 1, Spell.of(fire, USUAL, flame).withLid(covered));
        return with(batch, lotNo, spells);
    }

    /** Without a spell; the last one stays. */
    public static Batch drop(Batch batch, int lotNo, int index) {
        List<Spell> spells = new ArrayList<>(spells(batch, lotNo));
        Numbered.of(spells, index, "step of cooking");
        if (spells.size() == 1) {
            throw new Refused("a way of cooking has at least one step");
        }
        spells.remove(index);
        return with(batch, lotNo, spells);
    }

    /** The border between a spell and the one before it moved; both keep at least the shortest. @param index from 1 @param at from the beginning */
    public static Batch border(Batch batch, int lotNo, int index, Duration at) {
        List<Spell> spells = new ArrayList<>(spells(batch, lotNo));
        if (index == spells.size()) {
            Duration before = Cooking.time(spells.subList(0, index - 1));
            spells.set(index - 1, lasting(spells.get(index - 1), at.minus(before)));
            return with(batch, lotNo, spells);
        }
        Numbered.of(spells, index, "step of cooking");
        Spell left = Numbered.of(spells, index - 1, "step of cooking");
        Duration both = left.time().plus(spells.get(index).time());
        Duration start = Cooking.time(spells.subList(0, index - 1));
        Duration first = within(at.minus(start), both.minus(Spell.SHORTEST));
        spells.set(index - 1, left.withTime(first));
        spells.set(index, spells.get(index).withTime(both.minus(first)));
        return with(batch, lotNo, spells);
    }

    private static Spell lasting(Spell spell, Duration time) {
        return spell.withTime(within(time, Spell.LONGEST));
    }

    private static Duration within(Duration time, Duration most) {
        Duration least = time.compareTo(Spell.SHORTEST) < 0 ? Spell.SHORTEST : time;
        return least.compareTo(most) > 0 ? most : least;
    }

    /** As the school has it again. */
    public static Batch asTheSchool(Batch batch, int lotNo) {
        return with(batch, lotNo, List.of());
    }

    /** From somewhere else. A school's spells follow. */
    public static Batch from(Batch batch, int lotNo, Start start) {
        return batch.mapLot(lotNo, lot -> lot.withCooking(lot.cooking().from(start)));
    }

    /** How often cold water goes into the pot. */
    static int pours(Batch batch, int lotNo) {
        return (int) spells(batch, lotNo).stream()
                .filter(one -> one.fire() == Fire.BOIL && one.pour().micrograms() > 0)
                .count();
    }

    /** Cold water so many times, evenly over the time in the pot. */
    static Batch pour(Batch batch, int lotNo, int times) {
        List<Spell> before = spells(batch, lotNo);
        List<Spell> boiled =
                before.stream().filter(one -> one.fire() == Fire.BOIL).toList();
        Mass each = boiled.stream()
                .map(Spell::pour)
                .filter(mass -> mass.micrograms() > 0)
                .findFirst()
                .orElse(GLASS);
        Duration all = Cooking.time(boiled);
        Duration part = all.dividedBy(times + 1L);
        Spell like = boiled.get(0).withPour(Mass.ofGrams(0));
        List<Spell> spells = new ArrayList<>();
        for (int i = 0; i <= times; i++) {
            Duration time = i == 0 ? all.minus(part.multipliedBy(times)) : part;
            Spell one = like.withTime(time.compareTo(Spell.SHORTEST) < 0 ? Spell.SHORTEST : time);
            spells.add(i == 0 ? one : one.withPour(each));
        }
        before.stream().filter(one -> one.fire() != Fire.BOIL).forEach(spells::add);
        return with(batch, lotNo, spells);
    }

    private static Batch with(Batch batch, int lotNo, List<Spell> spells) {
        return batch.mapLot(lotNo, lot -> lot.withCooking(lot.cooking().with(spells)));
    }
}
