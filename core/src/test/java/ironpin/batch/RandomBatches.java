package ironpin.batch;

import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.cook.Cooking;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Spell;
import ironpin.cook.Start;
import ironpin.crew.Crew;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.crew.Skill;
import ironpin.dip.Dip;
import ironpin.dip.Dips;
import ironpin.dough.Bowl;
import ironpin.dough.DoughFormula;
import ironpin.dough.DoughLine;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.dough.Waters;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingLine;
import ironpin.kit.Kit;
import ironpin.pantry.Allergen;
import ironpin.portion.Cutting;
import ironpin.portion.PortionSchool;
import ironpin.quantity.Belief;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Handiwork;
import ironpin.wrapper.RollSchool;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Batches that a determined cook might plan: one to three lots, shared doughs, any pins, odd sizes. */
public final class RandomBatches {
    /** Names that are read, guessed at and not read, with and without what somebody avoids. */
    private static final List<String> WORDS = List.of(
            "toasted sesame oil",
            "peanut butter",
            "soured cream",
            "fish sauce",
            "whole eggs",
            "soft margarine",
            "stock",
            "lamb mince",
            "grated carrot",
            "fine salt",
            "grandmother's powder",
            "zorblatt in brine");

    private final Random random;

    public RandomBatches(long seed) {
        random = new Random(seed);
    }

    public Batch next() {
        Batch batch = unpinned();
        if (random.nextBoolean()) {
            int lot = 1 + random.nextInt(batch.lots().size());
            batch = DoughField.FLOUR.write(batch, Address.dough(batch.lot(lot).doughNo()), 40 + random.nextInt(2_000));
        }
        if (random.nextBoolean()) {
            Filling filling =
                    batch.fillings().get(random.nextInt(batch.fillings().size()));
            Mass mass = Mass.ofGrams(30 + random.nextInt(3_000));
            batch = random.nextBoolean()
                    ? FillingField.FILLING.write(batch, Address.filling(filling.no()), mass.grams())
                    : batch.mapFillings(one -> one.no() == filling.no() ? one.withAtHand(Optional.of(mass)) : one);
        }
        return batch;
    }

    public Batch unpinned() {
        List<Dough> doughs = new ArrayList<>();
        List<Filling> fillings = new ArrayList<>();
        List<Lot> lots = new ArrayList<>();
        int count = 1 + random.nextInt(3);
        for (int no = 1; no <= count; no++) {
            Style style = Styles.all().get(random.nextInt(Styles.all().size()));
            boolean shared = no > 1 && random.nextBoolean();
            if (!shared) {
                doughs.add(mixed(style.startDough(doughs.size() + 1, Kit.usual())));
            }
            fillings.add(renamed(style.startFilling(no)));
            Lot lot = style.startLot(
                    no, doughs.size(), no, style.perEater(Appetite.values()[random.nextInt(3)]), Kit.usual());
            lots.add(lot.withDoughEach(around(lot.doughEach()))
                    .withFillingEach(around(lot.fillingEach()))
                    .withToFreezer(random.nextInt(4) == 0 ? random.nextInt(30) : 0)
                    .withBought(random.nextInt(6) == 0 ? Optional.of(pack()) : Optional.empty())
                    .withDip(dip())
                    .withCutting(cutting())
                    .withShape(rolled(lot.shape()))
                    .withCooking(cooking())
                    .withStashed(random.nextInt(12) == 0)
                    .withHandiwork(hands(lot)));
        }
        return new Batch(
                "Random",
                LocalDateTime.of(2026, 1, 10, 19, 0),
                1 + random.nextInt(14),
                Appetite.USUAL,
                Waters.USUAL,
                guests(),
                doughs,
                fillings,
                lots,
                crew(),
                List.of(),
                random.nextInt(8) == 0 ? List.of("a packet of moon dust", "peanut sauce") : List.of());
    }

    private Crew crew() {
        List<Person> people = new ArrayList<>(List.of(Person.cook("You")));
        if (random.nextInt(3) == 0) {
            Set<Skill> does = random.nextBoolean() ? Set.of(Skill.FOLD) : Set.of(Skill.values());
            Optional<LocalTime> comes =
                    random.nextInt(4) == 0 ? Optional.of(LocalTime.of(17, random.nextInt(60))) : Optional.empty();
            people.add(new Person("Helper", does, comes, Optional.empty(), 80 + random.nextInt(80)));
        }
        Plates plates = Plates.USUAL.going(Plates.Way.values()[random.nextInt(2)]);
        return Crew.USUAL
                .withPeople(people)
                .withBurners(1 + random.nextInt(3))
                .withTrays(random.nextInt(5))
                .withPlates(plates);
    }

    private Guests guests() {
        Set<Allergen> avoided = random.nextInt(3) == 0 ? Set.of(Allergen.MILK, Allergen.SESAME) : Set.of();
        return Guests.USUAL.avoiding(avoided).liking(0.9 + random.nextInt(7) / 10.0);
    }

    private Dough mixed(Dough dough) {
        List<KneadSchool> schools = dough.family().schools();
        KneadSchool school = schools.get(random.nextInt(schools.size()));
        Kneading.By by = Kneading.By.values()[random.nextInt(2)];
        List<Bowl> bowls = Kit.usual().bowls();
        Optional<Bowl> bowl = random.nextBoolean() ? Optional.of(bowls.get(random.nextInt(2))) : Optional.empty();
        return renamed(dough).withKneading(new Kneading(school, by)).withBowl(bowl);
    }

    /** A line in the cook's own words now and then. */
    private Dough renamed(Dough dough) {
        List<DoughLine> lines = dough.formula().lines().stream()
                .map(line -> random.nextInt(8) == 0 ? new DoughLine(line.addition(), line.share(), words()) : line)
                .toList();
        return dough.withFormula(new DoughFormula(lines));
    }

    private Filling renamed(Filling filling) {
        List<FillingLine> lines = filling.formula().lines().stream()
                .map(line -> random.nextInt(8) == 0 ? new FillingLine(words(), line.share()) : line)
                .toList();
        return filling.withFormula(new FillingFormula(lines));
    }

    private Dip dip() {
        if (random.nextBoolean()) {
            return Dips.all().get(random.nextInt(Dips.all().size()));
        }
        List<Dip.Part> parts = new ArrayList<>();
        for (int i = random.nextInt(4); i >= 0; i--) {
            parts.add(new Dip.Part(words(), 0.5 * (1 + random.nextInt(8))));
        }
        return new Dip("Our own", parts);
    }

    private String words() {
        return WORDS.get(random.nextInt(WORDS.size()));
    }

    private BoughtWrapper pack() {
        return BoughtWrapper.usual(
                BoughtWrapper.Shape.values()[random.nextInt(2)], BoughtWrapper.Thickness.values()[random.nextInt(2)]);
    }

    private Mass around(Mass mass) {
        return Mass.ofGrams(Math.round(mass.grams() * (0.7 + 0.6 * random.nextDouble()) * 10) / 10.0);
    }

    private Cutting cutting() {
        PortionSchool[] all = PortionSchool.values();
        return new Cutting(all[random.nextInt(all.length)], Length.ofMillimetres(300 + random.nextInt(500)));
    }

    private Lot.Shape rolled(Lot.Shape usual) {
        return usual.withSlice(Length.ofMillimetres(10 + random.nextInt(100)))
                .withRolling(RollSchool.values()[random.nextInt(RollSchool.values().length)])
                .withGivesWay(Lot.GivesWay.values()[random.nextInt(Lot.GivesWay.values().length)]);
    }

    private Cooking cooking() {
        Start[] starts = Start.values();
        List<Spell> own = new ArrayList<>();
        for (int i = random.nextInt(5); i > 0; i--) {
            Fire fire = Fire.values()[random.nextInt(Fire.values().length)];
            own.add(new Spell(
                    fire,
                    Duration.ofSeconds(10 + 5L * random.nextInt(200)),
                    Flame.values()[random.nextInt(3)],
                    Mass.ofGrams(random.nextInt(400)),
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean()));
        }
        return new Cooking(
                starts[random.nextInt(starts.length)],
                new Belief(0.8 + 0.4 * random.nextDouble(), 0.1, 2),
                random.nextInt(4) == 0 ? 1 + random.nextInt(40) : 0,
                own);
    }

    private Handiwork hands(Lot lot) {
        return lot.handiwork()
                .withComfort(new Belief(35 + random.nextInt(50), 1 + random.nextInt(5), random.nextInt(80)))
                .withSeconds(new Belief(5 + random.nextInt(100), 1 + random.nextInt(9), random.nextInt(9)));
    }
}
