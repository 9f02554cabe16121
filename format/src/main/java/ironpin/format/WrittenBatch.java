package ironpin.format;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Guests;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.cook.CookMethod;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.dough.DoughLine;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.dough.Waters;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.filling.MixSchool;
import ironpin.pantry.Absorption;
import ironpin.pantry.Allergen;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.pantry.Price;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The written form of a batch, after the published schema {@code batch-1.json}: what is exported, imported, answered by the
 * API and kept as a revision. {@link #of} and {@link #batch} lose nothing.
 */
public record WrittenBatch(
        String format,
        String title,
        LocalDateTime serving,
        int eaters,
        Appetite appetite,
        WatersPart waters,
        GuestsPart guests,
        List<DoughPart> doughs,
        List<FillingPart> fillings,
        List<LotPart> lots,
        List<WrittenOutcome> outcomes,
        String source) {
    public record GuestsPart(List<Allergen> avoided, double saltPercent) {}

    public record WatersPart(double roomC, double tapC, double kettleC) {}

    public record DoughPart(
            int no,
            String name,
            DoughFamily family,
            List<FlourPart> flours,
            List<DoughLinePart> lines,
            double waterC,
            double restMinutes,
            KneadSchool kneadSchool,
            Kneading.By kneadBy,
            BowlPart bowl,
            double lossPercent,
            Double flourAtHandG) {}

    public record BowlPart(String key, String name, BowlMaterial material, double massG) {}

    public record FlourPart(
            String key,
            String name,
            FlourKind kind,
            double proteinPercent,
            double sharePercent,
            Double offsetPoints,
            Double offsetSpreadPoints,
            Integer offsetBatches,
            Double pricePerKg) {}

    public record DoughLinePart(DoughAddition addition, double flourPercent, String said) {}

    public record FillingPart(
            int no,
            String name,
            FillingKind kind,
            List<FillingLinePart> lines,
            MixSchool mixSchool,
            double testPattyG,
            double lossPercent,
            Double atHandG) {}

    public record FillingLinePart(String ingredient, double sharePercent) {}

    public record LotPart(
            int no,
            String name,
            String style,
            int doughNo,
            int fillingNo,
            Integer piecesPerEater,
            Integer pieces,
            int toFreezer,
            double doughEachG,
            double fillingEachG,
            double ropeMm,
            double discMm,
            double centreToRim,
            Fold fold,
            String method,
            VesselPart vessel,
            WrittenDip dip,
            WrapperPart boughtWrapper) {}

    public record WrapperPart(
            BoughtWrapper.Shape shape, BoughtWrapper.Thickness thickness, double sizeMm, double eachG, int perPack) {}

    public record VesselPart(VesselKind kind, double diameterMm, int tiers, double watts) {}

    /**
     * A batch with what is known of it.
     *
     * @param outcomes what came of its lots
     * @param source the recipe it was made of, in its own words
     */
    public static WrittenBatch of(Batch batch, List<WrittenOutcome> outcomes, Optional<String> source) {
        return new WrittenBatch(
                BatchFormat.name(),
                batch.title(),
                batch.serving(),
                batch.eaters(),
                batch.appetite(),
                new WatersPart(
                        batch.waters().room().celsius(),
                        batch.waters().tap().celsius(),
                        batch.waters().kettle().celsius()),
                new GuestsPart(
                        batch.guests().avoided().stream().sorted().toList(),
                        batch.guests().salt().percent()),
                batch.doughs().stream().map(WrittenBatch::part).toList(),
                batch.fillings().stream().map(WrittenBatch::part).toList(),
                batch.lots().stream().map(WrittenBatch::part).toList(),
                outcomes,
                source.orElse(null));
    }

    /** The batch that was written. @throws ironpin.refusal.Refused if it breaks a rule of core */
    public Batch batch() {
        return new Batch(
                title,
                serving,
                eaters,
                appetite,
                waters == null ? Waters.USUAL : waters(waters),
                guests == null
                        ? Guests.USUAL
                        : new Guests(Set.copyOf(guests.avoided()), Percentage.of(guests.saltPercent())),
                doughs.stream().map(WrittenBatch::dough).toList(),
                fillings.stream().map(WrittenBatch::filling).toList(),
                lots.stream().map(WrittenBatch::lot).toList());
    }

    private static Waters waters(WatersPart part) {
        return new Waters(
                Temperature.ofCelsius(part.roomC()),
                Temperature.ofCelsius(part.tapC()),
                Temperature.ofCelsius(part.kettleC()));
    }

    private static DoughPart part(Dough dough) {
        return new DoughPart(
                dough.no(),
                dough.name(),
                dough.family(),
                dough.flours().stream().map(WrittenBatch::part).toList(),
                dough.formula().lines().stream()
                        .map(line ->
                                new DoughLinePart(line.addition(), line.share().percent(), line.said()))
                        .toList(),
                dough.water().celsius(),
                dough.rest().toSeconds() / 60.0,
                dough.kneading().school(),
                dough.kneading().by(),
                dough.bowl()
                        .map(bowl -> new BowlPart(
                                bowl.key(),
                                bowl.name(),
                                bowl.material(),
                                bowl.mass().grams()))
                        .orElse(null),
                dough.loss().percent(),
                dough.flourAtHand().map(Mass::grams).orElse(null));
    }

    private static FlourPart part(FlourShare share) {
        Flour flour = share.flour();
        return new FlourPart(
                flour.key(),
                flour.name(),
                flour.kind(),
                flour.protein().percent(),
                share.share().percent(),
                flour.absorption().offset().percent(),
                flour.absorption().spread().percent(),
                flour.absorption().batches(),
                flour.price().map(Price::perKilogram).orElse(null));
    }

    private static FillingPart part(Filling filling) {
        return new FillingPart(
                filling.no(),
                filling.name(),
                filling.kind(),
                filling.formula().lines().stream()
                        .map(line -> new FillingLinePart(
                                line.ingredient(), line.share().percent()))
                        .toList(),
                filling.school(),
                filling.testPatty().grams(),
                filling.loss().percent(),
                filling.atHand().map(Mass::grams).orElse(null));
    }

    private static LotPart part(Lot lot) {
        return new LotPart(
                lot.no(),
                lot.name(),
                lot.style(),
                lot.doughNo(),
                lot.fillingNo(),
                lot.rule() instanceof PieceRule.PerEater rule ? Integer.valueOf(rule.each()) : null,
                lot.rule() instanceof PieceRule.Counted rule ? Integer.valueOf(rule.pieces()) : null,
                lot.toFreezer(),
                lot.doughEach().grams(),
                lot.fillingEach().grams(),
                lot.shape().rope().millimetres(),
                lot.shape().disc().millimetres(),
                lot.shape().centreToRim(),
                lot.fold(),
                lot.method().key(),
                new VesselPart(
                        lot.vessel().kind(),
                        lot.vessel().diameter().millimetres(),
                        lot.vessel().tiers(),
                        lot.vessel().watts()),
                WrittenDip.of(lot.dip()),
                lot.bought()
                        .map(one -> new WrapperPart(
                                one.shape(),
                                one.thickness(),
                                one.size().millimetres(),
                                one.each().grams(),
                                one.perPack()))
                        .orElse(null));
    }

    private static Dough dough(DoughPart part) {
        List<FlourShare> flours = part.flours().stream()
                .map(one -> new FlourShare(flour(one), Percentage.of(one.sharePercent())))
                .toList();
        DoughFormula formula = new DoughFormula(part.lines().stream()
                .map(line -> new DoughLine(
                        line.addition(), Percentage.of(line.flourPercent()), line.said() == null ? "" : line.said()))
                .toList());
        return new Dough(
                part.no(),
                part.name(),
                part.family(),
                flours,
                formula,
                Temperature.ofCelsius(part.waterC()),
                Duration.ofSeconds(Math.round(part.restMinutes() * 60)),
                kneading(part),
                Optional.ofNullable(part.bowl())
                        .map(bowl -> new Bowl(bowl.key(), bowl.name(), bowl.material(), Mass.ofGrams(bowl.massG()))),
                Percentage.of(part.lossPercent()),
                Optional.ofNullable(part.flourAtHandG()).map(Mass::ofGrams));
    }

    /** A file from before schools were kept is kneaded in its family's usual way. */
    private static Kneading kneading(DoughPart part) {
        Kneading usual = Kneading.usual(part.family());
        return new Kneading(
                part.kneadSchool() == null ? usual.school() : part.kneadSchool(),
                part.kneadBy() == null ? usual.by() : part.kneadBy());
    }

    private static Flour flour(FlourPart part) {
        Absorption known = part.offsetPoints() == null
                ? Absorption.UNKNOWN
                : new Absorption(
                        Percentage.of(part.offsetPoints()),
                        part.offsetSpreadPoints() == null
                                ? Absorption.UNKNOWN.spread()
                                : Percentage.of(part.offsetSpreadPoints()),
                        part.offsetBatches() == null ? 0 : part.offsetBatches());
        return new Flour(
                part.key(),
                part.name(),
                part.kind(),
                Percentage.of(part.proteinPercent()),
                known,
                Optional.ofNullable(part.pricePerKg()).map(Price::perKilogram));
    }

    private static Filling filling(FillingPart part) {
        FillingFormula formula = new FillingFormula(part.lines().stream()
                .map(line -> FillingLine.of(line.ingredient(), line.sharePercent()))
                .toList());
        return new Filling(
                part.no(),
                part.name(),
                part.kind(),
                formula,
                part.mixSchool() == null ? MixSchool.suiting(part.kind()).get(0) : part.mixSchool(),
                Mass.ofGrams(part.testPattyG()),
                Percentage.of(part.lossPercent()),
                Optional.ofNullable(part.atHandG()).map(Mass::ofGrams));
    }

    private static Lot lot(LotPart part) {
        PieceRule rule = part.piecesPerEater() != null
                ? new PieceRule.PerEater(part.piecesPerEater())
                : new PieceRule.Counted(part.pieces());
        return new Lot(
                part.no(),
                part.name(),
                part.style(),
                part.doughNo(),
                part.fillingNo(),
                rule,
                part.toFreezer(),
                Mass.ofGrams(part.doughEachG()),
                Mass.ofGrams(part.fillingEachG()),
                new Lot.Shape(
                        Length.ofMillimetres(part.ropeMm()), Length.ofMillimetres(part.discMm()), part.centreToRim()),
                part.fold(),
                CookMethod.ofKey(part.method()),
                new Vessel(
                        part.vessel().kind(),
                        Length.ofMillimetres(part.vessel().diameterMm()),
                        part.vessel().tiers(),
                        part.vessel().watts()),
                part.dip().dip(),
                Optional.ofNullable(part.boughtWrapper())
                        .map(one -> new BoughtWrapper(
                                one.shape(),
                                one.thickness(),
                                Length.ofMillimetres(one.sizeMm()),
                                Mass.ofGrams(one.eachG()),
                                one.perPack())));
    }
}
