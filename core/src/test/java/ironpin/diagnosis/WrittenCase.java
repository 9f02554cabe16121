package ironpin.diagnosis;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingComposing;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.RollField;
import ironpin.batch.edit.SpellField;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.Seen;
import ironpin.book.SkinVerdict;
import ironpin.cook.Flame;
import ironpin.cook.Spell;
import ironpin.filling.MixSchool;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A line of {@code cases.csv}: what was done with a start, and what was seen of it. */
record WrittenCase(Batch batch, Outcome outcome, Doing doing) {
    private static final Pattern COUNT = Pattern.compile("(burst|leaked|stuck) (\\d+)(?: of (\\d+))?");

    Diagnosis diagnosis() {
        BatchPlan plan = BatchPlan.of(batch);
        return Diagnosis.of(plan, plan.lot(1), outcome, doing);
    }

    static WrittenCase of(String start, String done, String seen) {
        Batch batch =
                Styles.start(Styles.get(start), "Supper", LocalDateTime.of(2026, 11, 30, 19, 0), 4, Appetite.USUAL);
        double corrected = 0;
        OptionalDouble spoonful = OptionalDouble.empty();
        OptionalDouble uneven = OptionalDouble.empty();
        Optional<Temperature> core = Optional.empty();
        for (String one : done.isBlank() ? new String[0] : done.split(", (?=[a-z])")) {
            if (one.contains(" times ")) {
                double times = Double.parseDouble(one.substring(one.indexOf(" times ") + 7));
                batch = spells(
                        batch,
                        one.startsWith("pour")
                                ? spell -> spell.withPour(spell.pour().multipliedBy(times))
                                : spell -> spell.withTime(Duration.ofSeconds(
                                        Math.max(15, Math.round(spell.time().toSeconds() * times)))));
                continue;
            }
            String name = one.substring(0, one.indexOf('='));
            String value = one.substring(one.indexOf('=') + 1);
            switch (name) {
                case "corrected" -> corrected = Double.parseDouble(value);
                case "spoonful" -> spoonful = OptionalDouble.of(Double.parseDouble(value));
                case "uneven" -> uneven = OptionalDouble.of(Double.parseDouble(value));
                case "core" -> core = Optional.of(Temperature.ofCelsius(Double.parseDouble(value)));
                case "school" -> batch = batch.mapFillings(filling -> filling.withSchool(MixSchool.valueOf(value)));
                case "flame" ->
                    batch = spells(
                            batch,
                            spell -> new Spell(
                                    spell.fire(),
                                    spell.time(),
                                    Flame.valueOf(value),
                                    spell.pour(),
                                    spell.lid(),
                                    spell.turn(),
                                    spell.fat(),
                                    spell.cold()));
                case "line 1" -> batch = FillingComposing.rename(batch, 1, 0, value);
                default -> batch = number(name).write(batch, Double.parseDouble(value));
            }
        }
        return new WrittenCase(batch, outcome(batch, seen, core), new Doing(corrected, spoonful, uneven));
    }

    private static Batch spells(Batch batch, UnaryOperator<Spell> change) {
        LotPlan lot = BatchPlan.of(batch).lot(1);
        return batch.mapLot(
                1,
                one -> one.withCooking(
                        one.cooking().with(lot.spells().stream().map(change).toList())));
    }

    private static PlanNumber<?> number(String name) {
        return switch (name) {
            case "filling-each" -> CountField.FILLING_EACH.at(Address.lot(1));
            case "hydration" -> DoughField.HYDRATION.at(Address.dough(1));
            case "rest" -> DoughField.REST.at(Address.dough(1));
            case "water" -> DoughField.WATER_TEMPERATURE.at(Address.dough(1));
            case "disc" -> RollField.DISC.at(Address.lot(1));
            case "centre-to-rim" -> RollField.CENTRE_TO_RIM.at(Address.lot(1));
            case "at-once" -> SpellField.AT_ONCE.at(Address.lot(1));
            case "cold-waters" -> SpellField.COLD_WATERS.at(Address.lot(1));
            default -> throw new IllegalArgumentException(name);
        };
    }

    private static Outcome outcome(Batch batch, String seen, Optional<Temperature> core) {
        int[] counts = new int[3];
        int made = 40;
        SkinVerdict skin = SkinVerdict.RIGHT;
        FillingVerdict filling = FillingVerdict.RIGHT;
        Set<Seen> also = EnumSet.noneOf(Seen.class);
        for (String one : seen.split(", ")) {
            Matcher count = COUNT.matcher(one);
            String name = one.toUpperCase(Locale.ROOT).replace('-', '_');
            if (count.matches()) {
                counts["burst leaked stuck".indexOf(count.group(1)) / 6] = Integer.parseInt(count.group(2));
                made = count.group(3) == null ? made : Integer.parseInt(count.group(3));
            } else if (one.endsWith("-filling")) {
                filling = FillingVerdict.valueOf(name.replace("_FILLING", ""));
            } else if (isSkin(name)) {
                skin = SkinVerdict.valueOf(name);
            } else {
                also.add(Seen.valueOf(name));
            }
        }
        return new Outcome(
                made,
                counts[0],
                counts[1],
                counts[2],
                Mass.ZERO,
                Mass.ZERO,
                skin,
                filling,
                core,
                "",
                also,
                Optional.empty());
    }

    private static boolean isSkin(String name) {
        for (SkinVerdict one : SkinVerdict.values()) {
            if (one.name().equals(name)) {
                return true;
            }
        }
        return false;
    }
}
