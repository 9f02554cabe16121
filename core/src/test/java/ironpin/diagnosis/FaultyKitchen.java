package ironpin.diagnosis;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.RollField;
import ironpin.batch.edit.SpellField;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.Seen;
import ironpin.book.SkinVerdict;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Griddle;
import ironpin.cook.PanFrySteam;
import ironpin.cook.Spell;
import ironpin.cook.Steam;
import ironpin.cook.VesselKind;
import ironpin.dough.DoughFamily;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.pantry.Food;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;

/**
 * Batches with hidden faults, made piece by piece from what hands, dough and fire do to them. It knows nothing of the tables of the
 * diagnosis: a fault here is something that is done, in the plan or only at the bench, and what is seen comes of how far things are then
 * from where they hold.
 */
final class FaultyKitchen {
    /** Something that is done wrong. */
    enum Fault {
        OVERFULL,
        IN_THE_SEAM,
        DRY_RIM,
        HARD_BOIL,
        ROUND_OVERFULL,
        NO_STIR,
        MOVED_EARLY,
        LINER,
        DRY_DOUGH,
        WET_DOUGH,
        SHORT_REST,
        COLD_DOUGH,
        THIN_SKIN,
        THICK_RIM,
        OLD_SKINS,
        LEAN,
        NO_LIQUID,
        OVERCOOKED,
        NOT_WORKED,
        WEEPING,
        UNDERSALTED,
        OVERSALTED,
        UNDERCOOKED,
        MUCH_WATER,
        LITTLE_WATER,
        HOT_PLATE,
        COOL_PLATE,
        MUCH_FAT,
        SOFT_SET,
        UNEVEN,
        LITTLE_SUGAR,
        MUCH_SUGAR;

        String key() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }

    /** A batch that was made, with what is hidden in it. */
    record Made(BatchPlan plan, LotPlan lot, Outcome outcome, Doing doing, Set<Fault> hidden) {}

    private final Random random;
    private final Set<Fault> faults = EnumSet.noneOf(Fault.class);
    private Batch batch;
    /** Beside the plan: how far the bench was from it. */
    private double fillTimes = 1;

    private double thirst;
    private double correctedPoints;
    private double variation = 4;
    private boolean weighed;
    private boolean seamDirty;
    private boolean rimDry;
    private boolean stirred = true;
    private boolean early;
    private boolean holds;
    private boolean packDry;
    private boolean worked = true;
    private boolean greasy;
    private boolean softSet;
    private double hobTimes = 1;
    private double saltOff;
    private double sugarOff;
    private double restTimes = 1;
    private double cookedTimes = 1;
    /** The start as it ships, which holds. */
    private Map<Fact, Double> held = Map.of();

    FaultyKitchen(long seed) {
        this.random = new Random(seed);
    }

    /** One with so many hidden faults; nothing if this start cannot have them. */
    Optional<Made> make(int faultCount) {
        List<Style> styles = Styles.all();
        Style style = styles.get(random.nextInt(styles.size()));
        Style.FillingStart filling =
                style.fillings().get(random.nextInt(style.fillings().size()));
        batch = Styles.start(
                style.filledWith(filling.key()),
                "Supper",
                LocalDateTime.of(2026, 11, 30, 19, 0),
                2 + random.nextInt(6),
                Appetite.USUAL);
        weighed = random.nextDouble() < 0.5;
        hobTimes = Math.exp(0.1 * random.nextGaussian());
        thirst = random.nextGaussian();
        // A cook who feels the dough puts most of that right, and it is written down.
        correctedPoints = Math.abs(thirst) > 0.7 && random.nextDouble() < 0.7 ? thirst * 0.9 : 0;
        LotPlan before = BatchPlan.of(batch).lot(1);
        held = facts(before, batch);
        List<Fault> possible = new ArrayList<>();
        for (Fault fault : Fault.values()) {
            if (canBe(fault, before)) {
                possible.add(fault);
            }
        }
        for (int i = 0; i < faultCount; i++) {
            Fault fault = possible.remove(random.nextInt(possible.size()));
            faults.add(fault);
            if (!happens(fault, before)) {
                return Optional.empty();
            }
        }
        BatchPlan plan = BatchPlan.of(batch);
        LotPlan lot = plan.lot(1);
        Doing doing = new Doing(
                correctedPoints,
                weighed ? OptionalDouble.of(fillTimes * (1 + 0.015 * random.nextGaussian())) : OptionalDouble.empty(),
                weighed ? OptionalDouble.of(variation * (1 + 0.15 * random.nextGaussian())) : OptionalDouble.empty());
        return Optional.of(new Made(plan, lot, outcome(lot), doing, Set.copyOf(faults)));
    }

    private static boolean meat(LotPlan lot) {
        return lot.filling().formula().lines().stream()
                .anyMatch(line -> line.spoken().is(Food.Role.MEAT));
    }

    private boolean canBe(Fault fault, LotPlan lot) {
        VesselKind vessel = lot.lot().vessel().kind();
        boolean bought = lot.lot().bought().isPresent();
        boolean steam = lot.lot().method() instanceof Steam;
        boolean pan = lot.lot().method() instanceof PanFrySteam;
        boolean griddle = lot.lot().method() instanceof Griddle;
        boolean folded = lot.room().isPresent();
        boolean wheat = !bought
                && lot.dough().family() != DoughFamily.CLEAR_STARCH
                && lot.dough().family() != DoughFamily.MAIZE;
        return switch (fault) {
            case OVERFULL, IN_THE_SEAM -> folded;
            case DRY_RIM -> folded && !bought;
            case HARD_BOIL, NO_STIR -> vessel == VesselKind.POT;
            case ROUND_OVERFULL -> vessel == VesselKind.POT || vessel == VesselKind.BASKET || pan;
            case MOVED_EARLY -> pan || griddle;
            case LINER -> steam;
            case DRY_DOUGH, WET_DOUGH -> !bought;
            case SHORT_REST -> wheat;
            case COLD_DOUGH -> steam && wheat;
            case THIN_SKIN -> !bought && folded;
            case THICK_RIM ->
                !bought
                        && folded
                        && lot.wrapper().centre().compareTo(lot.wrapper().rim()) > 0;
            case OLD_SKINS -> bought;
            case LEAN, NO_LIQUID ->
                meat(lot)
                        && (lot.filling().kind() == FillingKind.RED_MEAT
                                || lot.filling().kind() == FillingKind.POULTRY);
            case NOT_WORKED -> meat(lot);
            case OVERCOOKED, UNDERCOOKED, UNEVEN, UNDERSALTED, OVERSALTED ->
                lot.filling().kind() != FillingKind.SWEET || fault == Fault.UNEVEN;
            case WEEPING ->
                lot.filling().formula().lines().stream()
                        .anyMatch(line -> line.spoken().is(Food.Role.VEGETABLE));
            case MUCH_WATER, LITTLE_WATER -> pan;
            case HOT_PLATE, COOL_PLATE -> pan || griddle;
            case MUCH_FAT -> griddle;
            case SOFT_SET -> lot.filling().formula().aspic().isPresent();
            case LITTLE_SUGAR, MUCH_SUGAR -> lot.filling().kind() == FillingKind.SWEET;
        };
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private boolean set(PlanNumber<?> number, double value) {
        double low = number.field().low();
        double high = number.field().high();
        if (value < low || value > high) {
            return false;
        }
        batch = number.write(batch, value);
        return true;
    }

    /** It is done; whether this plan lets it. */
    private boolean happens(Fault fault, LotPlan lot) {
        Address.OfLot here = Address.lot(1);
        Address.OfDough dough = Address.dough(1);
        double water = lot.dough().formula().hydration().percent();
        boolean planned = random.nextDouble() < 0.65;
        switch (fault) {
            case OVERFULL -> {
                double room = lot.room().orElseThrow().comfortable().grams();
                double wanted = room * between(1.12, 1.35);
                if (planned) {
                    return set(CountField.FILLING_EACH.at(here), wanted);
                }
                fillTimes = wanted / lot.share().fillingEach().grams();
            }
            case IN_THE_SEAM -> seamDirty = true;
            case DRY_RIM -> rimDry = true;
            case HARD_BOIL ->
                batch = batch.mapLot(
                        1,
                        one -> spells(
                                one,
                                lot,
                                spell -> spell.fire() == Fire.BOIL
                                        ? new Spell(
                                                spell.fire(),
                                                spell.time(),
                                                Flame.HIGH,
                                                Mass.ZERO,
                                                spell.lid(),
                                                spell.turn(),
                                                spell.fat(),
                                                spell.cold())
                                        : spell));
            case ROUND_OVERFULL -> {
                int most = (int) Math.ceil(lot.rounds().capacity() * between(1.3, 1.8));
                if (lot.share().pieces() < most) {
                    return false;
                }
                return set(SpellField.AT_ONCE.at(here), most);
            }
            case NO_STIR -> stirred = false;
            case MOVED_EARLY -> early = true;
            case LINER -> holds = true;
            case DRY_DOUGH -> {
                if (planned) {
                    return set(DoughField.HYDRATION.at(dough), water - half(lot) * between(1.1, 1.8));
                }
                thirst = half(lot) * between(1.2, 1.8);
                correctedPoints = random.nextDouble() < 0.4 ? thirst * 0.2 : 0;
            }
            case WET_DOUGH -> {
                if (planned) {
                    return set(DoughField.HYDRATION.at(dough), water + half(lot) * between(1.1, 1.8));
                }
                thirst = -half(lot) * between(1.2, 1.8);
                correctedPoints = random.nextDouble() < 0.4 ? thirst * 0.2 : 0;
            }
            case SHORT_REST -> {
                double least = lot.dough().family().rest().low().toMinutes();
                if (least < 10) {
                    return false;
                }
                if (planned) {
                    return set(DoughField.REST.at(dough), Math.max(1, Math.floor(least * between(0.2, 0.6))));
                }
                restTimes = between(0.2, 0.5);
            }
            case COLD_DOUGH -> {
                return set(DoughField.WATER_TEMPERATURE.at(dough), between(30, 55));
            }
            case THIN_SKIN -> {
                return set(RollField.DISC.at(here), lot.lot().shape().disc().millimetres() * between(1.22, 1.4));
            }
            case THICK_RIM -> {
                return set(RollField.CENTRE_TO_RIM.at(here), 1)
                        && set(RollField.DISC.at(here), lot.lot().shape().disc().millimetres() * between(0.78, 0.85));
            }
            case OLD_SKINS -> packDry = true;
            case LEAN -> {
                return shrink(Food.Role.FAT, lot) | shrink(Food.Role.OIL, lot) | leaner(lot);
            }
            case NO_LIQUID -> {
                return shrink(Food.Role.LIQUID, lot) | shrink(Food.Role.DAIRY, lot);
            }
            case OVERCOOKED -> {
                cookedTimes = between(1.9, 2.6);
                lengthen(lot, cookedTimes);
            }
            case UNDERCOOKED -> {
                cookedTimes = between(0.25, 0.45);
                lengthen(lot, cookedTimes);
            }
            case NOT_WORKED -> {
                worked = false;
                if (planned) {
                    batch = batch.mapFillings(one -> one.withSchool(MixSchool.GENTLE));
                }
            }
            case WEEPING -> {
                return untreated(lot);
            }
            case UNDERSALTED -> {
                if (planned) {
                    return shrinkSalt(lot, 0.1);
                }
                saltOff = -between(0.5, 0.8);
            }
            case OVERSALTED -> {
                if (planned) {
                    return shrinkSalt(lot, 2.4);
                }
                saltOff = between(0.6, 1.0);
            }
            case MUCH_WATER -> pour(lot, between(1.7, 2.4));
            case LITTLE_WATER -> pour(lot, between(0.25, 0.5));
            case HOT_PLATE -> flame(lot, Flame.HIGH);
            case COOL_PLATE -> flame(lot, Flame.LOW);
            case MUCH_FAT -> greasy = true;
            case SOFT_SET -> softSet = true;
            case UNEVEN -> variation = between(12, 20);
            case LITTLE_SUGAR -> sugarOff = -1;
            case MUCH_SUGAR -> sugarOff = 1;
            default -> throw new IllegalArgumentException(fault.name());
        }
        return true;
    }

    private static double half(LotPlan lot) {
        return (lot.hydration().band().high().percent()
                        - lot.hydration().band().low().percent())
                / 2;
    }

    private static Lot spells(Lot lot, LotPlan plan, java.util.function.UnaryOperator<Spell> change) {
        return lot.withCooking(
                lot.cooking().with(plan.spells().stream().map(change).toList()));
    }

    private void lengthen(LotPlan lot, double times) {
        batch = batch.mapLot(
                1,
                one -> spells(
                        one,
                        lot,
                        spell -> spell.withTime(java.time.Duration.ofSeconds(
                                Math.max(20, Math.round(spell.time().toSeconds() * times))))));
    }

    private void pour(LotPlan lot, double times) {
        batch = batch.mapLot(
                1,
                one -> spells(
                        one,
                        lot,
                        spell -> spell.pour().isZero()
                                ? spell
                                : spell.withPour(spell.pour().multipliedBy(times))));
    }

    private void flame(LotPlan lot, Flame flame) {
        batch = batch.mapLot(
                1,
                one -> spells(
                        one,
                        lot,
                        spell -> new Spell(
                                spell.fire(),
                                spell.time(),
                                flame,
                                spell.pour(),
                                spell.lid(),
                                spell.turn(),
                                spell.fat(),
                                spell.cold())));
    }

    private boolean shrink(Food.Role role, LotPlan lot) {
        List<FillingLine> lines = batch.filling(1).formula().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).spoken().is(role) && lines.get(i).share().percent() > 1) {
                return set(
                        FillingField.FILLING_SHARE.at(new Address.LineOf(1, i)),
                        Math.max(0.1, lines.get(i).share().percent() * 0.1));
            }
        }
        return false;
    }

    private boolean leaner(LotPlan lot) {
        List<FillingLine> lines = batch.filling(1).formula().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).spoken().is(Food.Role.MEAT)
                    && lines.get(i).spoken().food().orElseThrow().fat() > 0.12) {
                batch = ironpin.batch.edit.FillingComposing.rename(
                        batch, 1, i, lines.get(i).spoken().food().orElseThrow().label() + ", 6 % fat");
                return true;
            }
        }
        return false;
    }

    private boolean shrinkSalt(LotPlan lot, double times) {
        List<FillingLine> lines = batch.filling(1).formula().lines();
        boolean done = false;
        for (int i = 0; i < lines.size(); i++) {
            Optional<Food> food = lines.get(i).spoken().food();
            if (food.filter(one -> one.salt().usual() > 0.1).isPresent()) {
                done |= set(
                        FillingField.FILLING_SHARE.at(new Address.LineOf(1, i)),
                        Math.max(0.1, lines.get(i).share().percent() * times));
            }
        }
        return done;
    }

    private boolean untreated(LotPlan lot) {
        List<FillingLine> lines = batch.filling(1).formula().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).spoken().is(Food.Role.VEGETABLE)
                    && lines.get(i).share().percent() > 12
                    && lines.get(i).spoken().done().isPresent()) {
                batch = ironpin.batch.edit.FillingComposing.rename(
                        batch, 1, i, lines.get(i).spoken().food().orElseThrow().label());
                return true;
            }
        }
        return false;
    }

    private static Map<Fact, Double> facts(LotPlan lot, Batch of) {
        Outcome nothing = new Outcome(
                1, 0, 0, 0, Mass.ZERO, Mass.ZERO, SkinVerdict.RIGHT, FillingVerdict.RIGHT, Optional.empty(), "");
        return Facts.of(BatchPlan.of(of), lot, nothing, Doing.UNKNOWN);
    }

    /** How far a number has come from where the start had it, which held. */
    private double off(Map<Fact, Double> is, Fact fact) {
        return is.getOrDefault(fact, 0.0) - held.getOrDefault(fact, is.getOrDefault(fact, 0.0));
    }

    private double times(Map<Fact, Double> is, Fact fact) {
        return is.containsKey(fact) && held.getOrDefault(fact, 0.0) > 0 ? is.get(fact) / held.get(fact) : 1;
    }

    /** What comes of it, piece by piece and bite by bite. */
    private Outcome outcome(LotPlan lot) {
        Map<Fact, Double> is = facts(lot, batch);
        double fill = is.getOrDefault(Fact.FILL, 0.7) * fillTimes;
        double half = lot.lot().bought().isPresent() ? 4 : half(lot);
        double wet = off(is, Fact.WETNESS) + (correctedPoints - thirst) / half;
        double rest = 1.3 * times(is, Fact.REST) * restTimes;
        double rim = times(is, Fact.RIM);
        double centre = times(is, Fact.CENTRE);
        boolean steam = lot.lot().method() instanceof Steam;
        boolean pot = lot.lot().vessel().kind() == VesselKind.POT;
        boolean pan = lot.lot().method() instanceof PanFrySteam;
        double scald = times(is, Fact.SCALD);
        double hard = is.getOrDefault(Fact.BOIL, 0.0) >= 2 ? 1 : 0;
        double round = is.getOrDefault(Fact.ROUND, 0.9);
        double cooked = 1.35 * cookedTimes * (1 + 0.1 * random.nextGaussian());
        double waterLasts = times(is, Fact.WATER) / hobTimes;
        boolean hot = faults.contains(Fault.HOT_PLATE);
        boolean cool = faults.contains(Fault.COOL_PLATE);
        int pieces = Math.max(8, lot.share().pieces());
        boolean thin = rim < 0.78;
        int burst = 0;
        int leaked = 0;
        int stuck = 0;
        for (int i = 0; i < pieces; i++) {
            double mine = fill * (1 + variation / 100 * random.nextGaussian());
            double bursts = 0.004
                    + Math.max(0, mine - 1) * 1.3
                    + hard * 0.12
                    + (thin && lot.room().isPresent() ? 0.10 : 0);
            double leaks = 0.004
                    + Math.max(0, mine - 0.98) * 0.8
                    + (seamDirty ? 0.18 : 0)
                    + (rimDry ? 0.15 : 0)
                    + (packDry ? 0.12 : 0)
                    + Math.max(0, -wet - 0.9) * 0.08;
            double sticks = 0.004
                    + (stirred || !pot ? 0 : 0.2)
                    + Math.max(0, round - 1.05) * 0.35
                    + Math.max(0, wet - 0.9) * 0.1
                    + (early ? 0.2 : 0)
                    + (holds ? 0.25 : 0);
            burst += random.nextDouble() < bursts ? 1 : 0;
            leaked += random.nextDouble() < leaks ? 1 : 0;
            stuck += random.nextDouble() < sticks ? 1 : 0;
        }
        Set<Seen> seen = EnumSet.noneOf(Seen.class);
        double rawness = Math.max(0, 1 - cooked) * 2.2
                + Math.max(0, round - 1.1) * 0.5
                + (variation > 10 ? 0.25 : 0)
                + (pan && waterLasts < 0.6 ? 0.25 : 0);
        see(seen, lot, Seen.RAW, rawness);
        see(seen, lot, Seen.UNEVEN, variation > 10 ? 0.85 : 0.02);
        see(seen, lot, Seen.DRY_RIM, packDry ? 0.85 : 0.03);
        see(seen, lot, Seen.SEAT_BURNT, hot ? 0.85 : 0.02);
        see(seen, lot, Seen.SEAT_PALE, cool ? 0.9 : waterLasts > 1.5 ? 0.35 : early ? 0.2 : 0.03);
        see(seen, lot, Seen.SOGGY, waterLasts > 1.4 ? 0.85 : off(is, Fact.WEEPING) > 10 ? 0.3 : 0.03);
        see(seen, lot, Seen.SEAT_BURNT, waterLasts < 0.6 ? 0.5 : 0);
        see(seen, lot, Seen.LEATHERY, steam && scald < 0.5 ? 0.7 : wet < -1 ? 0.35 : 0.02);
        see(seen, lot, Seen.SOUP_LOST, softSet ? 0.85 : Math.min(0.9, (double) (leaked + burst) / pieces * 3));
        see(seen, lot, Seen.NOT_PUFFED, cool ? 0.6 : wet < -1 ? 0.4 : 0.05);
        see(seen, lot, Seen.OILY, greasy ? 0.9 : cool ? 0.35 : 0.03);
        see(seen, lot, Seen.THIN_PLACES, thin ? 0.4 : 0.04);
        see(seen, lot, Seen.CLOUDY, Math.min(0.6, (double) (burst + leaked) / pieces * 2));
        see(seen, lot, Seen.NOT_SWEET, sugarOff < 0 ? 0.95 : 0.02);
        see(seen, lot, Seen.TOO_SWEET, sugarOff > 0 ? 0.92 : 0.02);
        see(seen, lot, Seen.SYRUP_OUT, sugarOff > 0 ? 0.5 : Math.min(0.6, (double) leaked / pieces * 2));
        double core = 20 + 62 * Math.min(1.15, cooked);
        boolean probed = random.nextDouble() < 0.4;
        return new Outcome(
                pieces,
                burst,
                leaked,
                stuck,
                Mass.ZERO,
                Mass.ZERO,
                skin(wet, rest, rim, steam, scald),
                filling(is, cooked),
                probed ? Optional.of(Temperature.ofCelsius(Math.min(99, core))) : Optional.empty(),
                "",
                seen,
                Optional.empty());
    }

    private void see(Set<Seen> all, LotPlan lot, Seen one, double chance) {
        if (CanShow.seen(lot).contains(one) && random.nextDouble() < chance) {
            all.add(one);
        }
    }

    /** The strongest of what is felt; nothing where none is strong. */
    private SkinVerdict skin(double wet, double rest, double rim, boolean steam, double scald) {
        Map<SkinVerdict, Double> felt = new EnumMap<>(SkinVerdict.class);
        felt.put(SkinVerdict.TOUGH, Math.max(0, -wet - 0.9) * 0.9 + (steam ? Math.max(0, 0.6 - scald) * 1.4 : 0));
        felt.put(SkinVerdict.CRACKED, Math.max(0, -wet - 0.8) * 1.1 + (rimDry ? 0.45 : 0) + (packDry ? 0.6 : 0));
        felt.put(
                SkinVerdict.TORN, Math.max(0, wet - 0.8) * 1.2 + (rim < 0.78 ? 0.65 : 0) + (holds || early ? 0.25 : 0));
        felt.put(SkinVerdict.GUMMY, Math.max(0, rim - 1.3) * 1.2 + Math.max(0, wet - 1) * 0.3);
        felt.put(SkinVerdict.SPRANG_BACK, Math.max(0, 0.95 - rest) * 1.6);
        return felt.entrySet().stream()
                .map(one -> Map.entry(one.getKey(), one.getValue() + 0.15 * random.nextGaussian()))
                .filter(one -> one.getValue() > 0.4)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(SkinVerdict.RIGHT);
    }

    private FillingVerdict filling(Map<Fact, Double> is, double cooked) {
        boolean sweet = batch.filling(1).kind() == FillingKind.SWEET;
        Map<FillingVerdict, Double> felt = new EnumMap<>(FillingVerdict.class);
        double salt = sweet ? 1.2 : 1.2 + off(is, Fact.SALT) + saltOff;
        felt.put(FillingVerdict.BLAND, Math.max(0, 0.95 - salt) * 2.2);
        felt.put(FillingVerdict.SALTY, Math.max(0, salt - 1.5) * 2.0);
        felt.put(
                FillingVerdict.DRY,
                Math.max(0, -off(is, Fact.FAT) - 3) * 0.08
                        + Math.max(0, -off(is, Fact.LIQUID) - 3) * 0.09
                        + Math.max(0, cooked - 2) * 0.6);
        felt.put(FillingVerdict.LOOSE, (worked ? 0 : 0.85) + (off(is, Fact.WEEPING) > 10 ? 0.35 : 0));
        return felt.entrySet().stream()
                .map(one -> Map.entry(one.getKey(), one.getValue() + 0.12 * random.nextGaussian()))
                .filter(one -> one.getValue() > 0.4)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(FillingVerdict.RIGHT);
    }
}
