package ironpin.web.api;

import ironpin.cook.BoilOff;
import ironpin.cook.Fire;
import ironpin.cook.Flame;
import ironpin.cook.Footprint;
import ironpin.cook.Load;
import ironpin.cook.PotLoad;
import ironpin.cook.Spell;
import ironpin.cook.SteamWater;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.cook.VesselPacking;
import ironpin.heat.Around;
import ironpin.heat.Conduction;
import ironpin.heat.Freezing;
import ironpin.heat.HeatPiece;
import ironpin.heat.HeatRun;
import ironpin.heat.Matter;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What fire and frost do: inside a piece, in a pot, under a steamer, in a pan, on a tray. All times are estimates. */
@RestController
@RequestMapping("/api/v1/calculate")
class FireApi {
    private static final double MINUTE = 60;
    private static final double MOST_MINUTES = 2_880;
    private static final int MOST_SURROUNDINGS = 12;

    /**
     * A piece and what it stands in, one thing after another. Without conductivity, density and heat it is a filling in a skin of dough;
     * with them it is the same all through, and nothing of it freezes.
     */
    record HeatAsk(
            String form,
            Double halfMm,
            Double skinMm,
            Double conductivityWmK,
            Double densityKgM3,
            Double heatJkgK,
            Double startC,
            Double wantedC,
            List<AroundAsk> around) {}

    record AroundAsk(Double transferWm2K, Double celsius, Double minutes) {}

    /** Seconds until the middle is as hot as wanted, or null; and what there is at the end. */
    record HeatAnswer(Double seconds, double coreC, double meanC, double surfaceC) {}

    @PostMapping("/heat")
    HeatAnswer heat(@RequestBody HeatAsk ask) {
        List<AroundAsk> asked = Given.there("around", ask.around(), "one to twelve surroundings");
        if (asked.isEmpty() || asked.size() > MOST_SURROUNDINGS) {
            throw new BadField("around", "one to twelve surroundings", asked.size());
        }
        List<Around> around = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            String at = "around[" + i + "].";
            AroundAsk one = Given.there("around[" + i + "]", asked.get(i), "transferWm2K, celsius and minutes");
            around.add(new Around(
                    Given.number(at + "transferWm2K", one.transferWm2K(), 0, 20_000, "W/(m²·K)"),
                    Given.number(at + "celsius", one.celsius(), -60, 300, "°C"),
                    minutes(at + "minutes", one.minutes())));
        }
        HeatRun run = Conduction.run(
                piece(ask), Temperature.ofCelsius(Given.number("startC", ask.startC(), -60, 120, "°C")), around);
        double wanted = Given.numberOr("wantedC", ask.wantedC(), 74, -60, 300, "°C");
        int last = run.samples() - 1;
        return new HeatAnswer(
                run.until(Temperature.ofCelsius(wanted))
                        .map(time -> time.toMillis() / 1_000.0)
                        .orElse(null),
                run.core()[last],
                run.mean()[last],
                run.surface()[last]);
    }

    private static HeatPiece piece(HeatAsk ask) {
        HeatPiece.Form form = Given.choice("form", ask.form(), HeatPiece.Form.class);
        double half = Given.number("halfMm", ask.halfMm(), 0.5, 200, "mm");
        Length halfLength = Length.ofMillimetres(half);
        if (ask.conductivityWmK() == null && ask.densityKgM3() == null && ask.heatJkgK() == null) {
            double skin = Given.numberOr("skinMm", ask.skinMm(), 0, 0, half * 0.95, "mm");
            return new HeatPiece(form, halfLength, Length.ofMillimetres(skin), Matter.FILLING, Matter.DOUGH);
        }
        double k = Given.number("conductivityWmK", ask.conductivityWmK(), 0.01, 500, "W/(m·K)");
        double heat = Given.number("heatJkgK", ask.heatJkgK(), 100, 10_000, "J/(kg·K)");
        Matter matter = new Matter(
                k, k, Given.number("densityKgM3", ask.densityKgM3(), 50, 20_000, "kg/m³"), heat, heat, 0, -1);
        return HeatPiece.solid(form, halfLength, matter);
    }

    private static Duration minutes(String field, Double minutes) {
        return Duration.ofMillis(Math.round(60_000 * Given.number(field, minutes, 0.01, MOST_MINUTES, "min")));
    }

    /** Two of power, time and water; the third is answered. Water is poured at waterC, 15 if left out. */
    record BoilOffAsk(Double watts, Double minutes, Double waterG, Double waterC) {}

    /** All three, and what boils away of water that boils already. */
    record BoilOffAnswer(double watts, double minutes, double waterG, double boiledAwayG) {}

    @PostMapping("/boil-off")
    BoilOffAnswer boilOff(@RequestBody BoilOffAsk ask) {
        Temperature poured =
                Temperature.ofCelsius(Given.numberOr("waterC", ask.waterC(), BoilOff.TAP.celsius(), 0, 100, "°C"));
        int given = (ask.watts() == null ? 0 : 1) + (ask.minutes() == null ? 0 : 1) + (ask.waterG() == null ? 0 : 1);
        if (given != 2) {
            String left = ask.watts() == null ? "watts" : ask.minutes() == null ? "minutes" : "waterG";
            throw new BadField(left, "two of watts, minutes and waterG", given);
        }
        if (ask.watts() == null) {
            Duration time = minutes("minutes", ask.minutes());
            Mass water = Mass.ofGrams(Given.number("waterG", ask.waterG(), 1, 50_000, "g"));
            return answer(BoilOff.watts(water, time, poured), time, water);
        }
        double watts = Given.number("watts", ask.watts(), 1, 20_000, "W");
        if (ask.minutes() == null) {
            Mass water = Mass.ofGrams(Given.number("waterG", ask.waterG(), 1, 50_000, "g"));
            return answer(watts, BoilOff.timeFor(watts, water, poured), water);
        }
        Duration time = minutes("minutes", ask.minutes());
        return answer(watts, time, BoilOff.waterFor(watts, time, poured));
    }

    private static BoilOffAnswer answer(double watts, Duration time, Mass water) {
        return new BoilOffAnswer(
                watts,
                time.toMillis() / 60_000.0,
                water.grams(),
                BoilOff.of(watts, time).grams());
    }

    /** A pot that boils, and pieces that go in: balls if halfMm is left out. */
    record PotAsk(
            Double watts,
            Double waterG,
            Double pieces,
            Double pieceG,
            Double pieceC,
            Double halfMm,
            String form,
            Boolean lid) {}

    /** How far it falls, how long back to the boil (null: not within twenty minutes), the largest load that is back in time. */
    record PotAnswer(double lowestC, Double backSeconds, int largest) {}

    @PostMapping("/pot")
    PotAnswer pot(@RequestBody PotAsk ask) {
        Mass each = Mass.ofGrams(Given.number("pieceG", ask.pieceG(), 1, 1_000, "g"));
        double ball = 10 * Math.cbrt(3 * each.grams() / 1.06 / (4 * Math.PI));
        HeatPiece body = new HeatPiece(
                Given.choiceOr("form", ask.form(), HeatPiece.Form.SPHERE),
                Length.ofMillimetres(Given.numberOr("halfMm", ask.halfMm(), ball, 0.5, 200, "mm")),
                Length.ofMillimetres(0),
                Matter.FILLING,
                Matter.DOUGH);
        Vessel pot = Vessel.usual(VesselKind.POT)
                .withWatts(Given.number("watts", ask.watts(), 100, 6_000, "W"))
                .withWater(Mass.ofGrams(Given.number("waterG", ask.waterG(), 100, 20_000, "g")));
        Spell boil = Spell.of(Fire.BOIL, Duration.ofMinutes(10), Flame.HIGH).withLid(Boolean.TRUE.equals(ask.lid()));
        double pieces = Given.number("pieces", ask.pieces(), 1, 1_000, "");
        if (pieces != Math.rint(pieces)) {
            throw new BadField("pieces", "a whole number from 1 to 1,000", ask.pieces());
        }
        Load load = new Load(
                body,
                each,
                (int) pieces,
                List.of(boil),
                Temperature.ofCelsius(Given.numberOr("pieceC", ask.pieceC(), 20, -40, 95, "°C")),
                pot,
                Load.OVEN);
        PotLoad fallen = PotLoad.of(load);
        return new PotAnswer(
                fallen.lowest().celsius(),
                fallen.back().map(back -> (double) back.toSeconds()).orElse(null),
                PotLoad.largest(load));
    }

    /** Rounds over one water. */
    record SteamerAsk(Double watts, Double waterG, Double minutes, Double rounds) {}

    /** What a round boils away, what to begin with, and when it is dry and when to top it up before. */
    record SteamerAnswer(double perRoundG, double wantedG, double dryMinutes, double topUpMinutes, boolean lasts) {}

    @PostMapping("/steamer")
    SteamerAnswer steamer(@RequestBody SteamerAsk ask) {
        Vessel basket = Vessel.usual(VesselKind.BASKET)
                .withWatts(Given.number("watts", ask.watts(), 100, 6_000, "W"))
                .withWater(Mass.ofGrams(Given.number("waterG", ask.waterG(), 50, 20_000, "g")));
        double rounds = Given.numberOr("rounds", ask.rounds(), 1, 1, 100, "");
        if (rounds != Math.rint(rounds)) {
            throw new BadField("rounds", "a whole number from 1 to 100", ask.rounds());
        }
        double minutes = Given.number("minutes", ask.minutes(), 0.25, 180, "min");
        Spell steam = Spell.of(Fire.STEAM, Duration.ofSeconds(Math.round(minutes * MINUTE)), Flame.HIGH);
        SteamWater water = SteamWater.of(basket, List.of(steam), (int) rounds);
        return new SteamerAnswer(
                water.perRound().grams(),
                water.wanted().grams(),
                water.dry().orElseThrow().toSeconds() / MINUTE,
                water.warn().orElseThrow().toSeconds() / MINUTE,
                water.lasts(basket, (int) rounds));
    }

    /** Pieces as ellipses in a round vessel, or in one with straight sides if breadthMm is there. */
    record PackingAsk(Double lengthMm, Double widthMm, Double vesselMm, Double breadthMm, Double gapMm) {}

    /** Places from the middle of the vessel. */
    record PackingAnswer(int count, List<VesselPacking.Place> places) {}

    @PostMapping("/packing")
    PackingAnswer packing(@RequestBody PackingAsk ask) {
        double vessel = Given.number("vesselMm", ask.vesselMm(), 40, 1_000, "mm");
        double length = Given.number("lengthMm", ask.lengthMm(), 10, vessel, "mm");
        double width = Given.numberOr("widthMm", ask.widthMm(), length, 10, length, "mm");
        double gap = Given.numberOr("gapMm", ask.gapMm(), 0, 0, 100, "mm");
        Footprint piece = new Footprint(length, width);
        VesselPacking packing = ask.breadthMm() == null
                ? VesselPacking.of(piece, vessel / 2, gap)
                : VesselPacking.in(piece, vessel, Given.number("breadthMm", ask.breadthMm(), 40, 1_000, "mm"), gap);
        return new PackingAnswer(packing.count(), packing.places());
    }

    /** Pieces apart on a tray; from 20 °C in a freezer of −18 °C if nothing else is said. */
    record FreezingAsk(
            String form, Double halfMm, Double skinMm, Double startC, Double freezerC, Double transferWm2K) {}

    /** Minutes until hard enough to bag: the usual piece, one 15 % lighter, one 15 % heavier. */
    record FreezingAnswer(double minutes, double leastMinutes, double mostMinutes) {}

    @PostMapping("/freezing")
    FreezingAnswer freezing(@RequestBody FreezingAsk ask) {
        double half = Given.number("halfMm", ask.halfMm(), 2, 100, "mm");
        HeatPiece body = new HeatPiece(
                Given.choice("form", ask.form(), HeatPiece.Form.class),
                Length.ofMillimetres(half),
                Length.ofMillimetres(Given.numberOr("skinMm", ask.skinMm(), 0, 0, half * 0.95, "mm")),
                Matter.FILLING,
                Matter.DOUGH);
        Freezing freezing = Freezing.of(
                body,
                Temperature.ofCelsius(Given.numberOr("startC", ask.startC(), 20, -5, 40, "°C")),
                Temperature.ofCelsius(Given.numberOr("freezerC", ask.freezerC(), -18, -60, -12, "°C")),
                Given.numberOr("transferWm2K", ask.transferWm2K(), Freezing.STILL_AIR, 2, 500, "W/(m²·K)"));
        return new FreezingAnswer(
                freezing.usual().toSeconds() / MINUTE,
                freezing.least().toSeconds() / MINUTE,
                freezing.most().toSeconds() / MINUTE);
    }
}
