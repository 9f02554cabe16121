package ironpin.store;

import static ironpin.store.db.Tables.DIP_LINE;
import static ironpin.store.db.Tables.DOUGH;
import static ironpin.store.db.Tables.DOUGH_FLOUR;
import static ironpin.store.db.Tables.DOUGH_LINE;
import static ironpin.store.db.Tables.FILLING;
import static ironpin.store.db.Tables.FILLING_LINE;
import static ironpin.store.db.Tables.LOT;
import static ironpin.store.db.Tables.REVISION;

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
import ironpin.dip.Dip;
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
import ironpin.store.db.tables.records.DipLineRecord;
import ironpin.store.db.tables.records.DoughFlourRecord;
import ironpin.store.db.tables.records.DoughLineRecord;
import ironpin.store.db.tables.records.DoughRecord;
import ironpin.store.db.tables.records.FillingLineRecord;
import ironpin.store.db.tables.records.FillingRecord;
import ironpin.store.db.tables.records.LotRecord;
import ironpin.store.db.tables.records.RevisionRecord;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Table;
import org.jooq.TableRecord;

/** One revision of a plan, between core's values and rows. */
final class PlanRows {
    private final DSLContext dsl;
    private final long batchId;
    private final int revision;

    PlanRows(DSLContext dsl, long batchId, int revision) {
        this.dsl = dsl;
        this.batchId = batchId;
        this.revision = revision;
    }

    void save(Batch batch, String label, Instant now) {
        List<DoughRecord> doughs = new ArrayList<>();
        List<DoughFlourRecord> flours = new ArrayList<>();
        List<DoughLineRecord> doughLines = new ArrayList<>();
        for (Dough dough : batch.doughs()) {
            doughs.add(row(dough));
            for (FlourShare flour : dough.flours()) {
                flours.add(row(dough.no(), flours.size(), flour));
            }
            for (DoughLine line : dough.formula().lines()) {
                doughLines.add(row(dough.no(), doughLines.size(), line));
            }
        }
        List<FillingRecord> fillings = new ArrayList<>();
        List<FillingLineRecord> fillingLines = new ArrayList<>();
        for (Filling filling : batch.fillings()) {
            fillings.add(row(filling));
            for (FillingLine line : filling.formula().lines()) {
                fillingLines.add(row(filling.no(), fillingLines.size(), line));
            }
        }
        dsl.executeInsert(new RevisionRecord(
                batchId,
                revision,
                label,
                Times.kept(now),
                batch.title(),
                batch.serving(),
                batch.eaters(),
                batch.appetite().name(),
                batch.waters().room().millidegrees(),
                batch.waters().tap().millidegrees(),
                batch.waters().kettle().millidegrees(),
                batch.guests().salt().millionths(),
                batch.guests().avoided().stream().map(Allergen::name).sorted().collect(Collectors.joining(","))));
        insert(DOUGH, doughs);
        insert(DOUGH_FLOUR, flours);
        insert(DOUGH_LINE, doughLines);
        insert(FILLING, fillings);
        insert(FILLING_LINE, fillingLines);
        insert(LOT, batch.lots().stream().map(this::row).toList());
        insert(
                DIP_LINE,
                batch.lots().stream().flatMap(lot -> dipRows(lot).stream()).toList());
    }

    private List<DipLineRecord> dipRows(Lot lot) {
        List<DipLineRecord> rows = new ArrayList<>();
        for (Dip.Part part : lot.dip().parts()) {
            rows.add(new DipLineRecord(batchId, revision, lot.no(), rows.size(), part.ingredient(), part.parts()));
        }
        return rows;
    }

    private static Guests guests(RevisionRecord head) {
        Set<Allergen> avoided = Arrays.stream(head.getAvoided().split(","))
                .filter(name -> !name.isEmpty())
                .map(Allergen::valueOf)
                .collect(Collectors.toSet());
        return new Guests(avoided, new Percentage(head.getSaltUpct()));
    }

    private <R extends TableRecord<R>> void insert(Table<R> table, List<R> rows) {
        dsl.insertInto(table).columns(table.fields()).valuesOfRecords(rows).execute();
    }

    Batch load() {
        RevisionRecord head =
                dsl.fetchOne(REVISION, REVISION.BATCH_ID.eq(batchId).and(REVISION.NO.eq(revision)));
        return new Batch(
                head.getTitle(),
                head.getServing(),
                head.getEaters(),
                Appetite.valueOf(head.getAppetite()),
                new Waters(
                        new Temperature(head.getRoomMdeg()),
                        new Temperature(head.getTapMdeg()),
                        new Temperature(head.getKettleMdeg())),
                guests(head),
                doughs(),
                fillings(),
                lots());
    }

    private List<Dough> doughs() {
        Map<Integer, List<FlourShare>> flours = dsl.selectFrom(DOUGH_FLOUR)
                .where(DOUGH_FLOUR.BATCH_ID.eq(batchId), DOUGH_FLOUR.REVISION.eq(revision))
                .orderBy(DOUGH_FLOUR.POSITION)
                .fetchGroups(DOUGH_FLOUR.DOUGH_NO, PlanRows::flour);
        Map<Integer, List<DoughLine>> lines = dsl.selectFrom(DOUGH_LINE)
                .where(DOUGH_LINE.BATCH_ID.eq(batchId), DOUGH_LINE.REVISION.eq(revision))
                .orderBy(DOUGH_LINE.POSITION)
                .fetchGroups(
                        DOUGH_LINE.DOUGH_NO,
                        row -> new DoughLine(
                                DoughAddition.valueOf(row.getAddition()),
                                new Percentage(row.getShareUpct()),
                                row.getSaid()));
        return dsl.selectFrom(DOUGH)
                .where(DOUGH.BATCH_ID.eq(batchId), DOUGH.REVISION.eq(revision))
                .orderBy(DOUGH.NO)
                .fetch(row -> new Dough(
                        row.getNo(),
                        row.getName(),
                        DoughFamily.valueOf(row.getFamily()),
                        flours.get(row.getNo()),
                        new DoughFormula(lines.get(row.getNo())),
                        new Temperature(row.getWaterMdeg()),
                        Duration.ofSeconds(row.getRestS()),
                        new Kneading(KneadSchool.valueOf(row.getKneadSchool()), Kneading.By.valueOf(row.getKneadBy())),
                        bowl(row),
                        new Percentage(row.getLossUpct()),
                        Optional.ofNullable(row.getFlourAtHandUg()).map(Mass::new)));
    }

    private List<Filling> fillings() {
        Map<Integer, List<FillingLine>> lines = dsl.selectFrom(FILLING_LINE)
                .where(FILLING_LINE.BATCH_ID.eq(batchId), FILLING_LINE.REVISION.eq(revision))
                .orderBy(FILLING_LINE.POSITION)
                .fetchGroups(
                        FILLING_LINE.FILLING_NO,
                        row -> new FillingLine(row.getIngredient(), new Percentage(row.getShareUpct())));
        return dsl.selectFrom(FILLING)
                .where(FILLING.BATCH_ID.eq(batchId), FILLING.REVISION.eq(revision))
                .orderBy(FILLING.NO)
                .fetch(row -> new Filling(
                        row.getNo(),
                        row.getName(),
                        FillingKind.valueOf(row.getKind()),
                        new FillingFormula(lines.get(row.getNo())),
                        row.getMixSchool() == null
                                ? MixSchool.suiting(FillingKind.valueOf(row.getKind()))
                                        .get(0)
                                : MixSchool.valueOf(row.getMixSchool()),
                        new Mass(row.getTestPattyUg()),
                        new Percentage(row.getLossUpct()),
                        Optional.ofNullable(row.getAtHandUg()).map(Mass::new)));
    }

    private List<Lot> lots() {
        Map<Integer, List<Dip.Part>> dips = dsl.selectFrom(DIP_LINE)
                .where(DIP_LINE.BATCH_ID.eq(batchId), DIP_LINE.REVISION.eq(revision))
                .orderBy(DIP_LINE.POSITION)
                .fetchGroups(DIP_LINE.LOT_NO, row -> new Dip.Part(row.getIngredient(), row.getParts()));
        return dsl.selectFrom(LOT)
                .where(LOT.BATCH_ID.eq(batchId), LOT.REVISION.eq(revision))
                .orderBy(LOT.NO)
                .fetch(row -> lot(row, new Dip(row.getDip(), dips.getOrDefault(row.getNo(), List.of()))));
    }

    private static Optional<Bowl> bowl(DoughRecord row) {
        return Optional.ofNullable(row.getBowlKey())
                .map(key -> new Bowl(
                        key,
                        row.getBowlName(),
                        BowlMaterial.valueOf(row.getBowlMaterial()),
                        new Mass(row.getBowlUg())));
    }

    private static Optional<BoughtWrapper> bought(LotRecord row) {
        return Optional.ofNullable(row.getBoughtShape())
                .map(shape -> new BoughtWrapper(
                        BoughtWrapper.Shape.valueOf(shape),
                        BoughtWrapper.Thickness.valueOf(row.getBoughtThickness()),
                        new Length(row.getBoughtUm()),
                        new Mass(row.getBoughtUg()),
                        row.getBoughtPack()));
    }

    private static FlourShare flour(DoughFlourRecord row) {
        Flour flour = new Flour(
                row.getFlourKey(),
                row.getName(),
                FlourKind.valueOf(row.getKind()),
                new Percentage(row.getProteinUpct()),
                new Absorption(
                        new Percentage(row.getOffsetUpct()),
                        new Percentage(row.getSpreadUpct()),
                        row.getOffsetBatches()),
                Optional.ofNullable(row.getPriceMilli()).map(Price::new));
        return new FlourShare(flour, new Percentage(row.getShareUpct()));
    }

    private static Lot lot(LotRecord row, Dip dip) {
        PieceRule rule = row.getPerEater() != null
                ? new PieceRule.PerEater(row.getPerEater())
                : new PieceRule.Counted(row.getCounted());
        return new Lot(
                row.getNo(),
                row.getName(),
                row.getStyle(),
                row.getDoughNo(),
                row.getFillingNo(),
                rule,
                row.getToFreezer(),
                new Mass(row.getDoughEachUg()),
                new Mass(row.getFillingEachUg()),
                new Lot.Shape(new Length(row.getRopeUm()), new Length(row.getDiscUm()), row.getCentreToRim()),
                Fold.valueOf(row.getFold()),
                CookMethod.ofKey(row.getMethod()),
                new Vessel(
                        VesselKind.valueOf(row.getVessel()),
                        new Length(row.getVesselUm()),
                        row.getVesselTiers(),
                        row.getVesselWatts()),
                dip,
                bought(row));
    }

    private DoughRecord row(Dough dough) {
        return new DoughRecord(
                batchId,
                revision,
                dough.no(),
                dough.name(),
                dough.family().name(),
                dough.water().millidegrees(),
                dough.rest().toSeconds(),
                dough.loss().millionths(),
                dough.flourAtHand().map(Mass::micrograms).orElse(null),
                dough.kneading().school().name(),
                dough.kneading().by().name(),
                dough.bowl().map(Bowl::key).orElse(null),
                dough.bowl().map(Bowl::name).orElse(null),
                dough.bowl().map(bowl -> bowl.material().name()).orElse(null),
                dough.bowl().map(bowl -> bowl.mass().micrograms()).orElse(null));
    }

    private DoughFlourRecord row(int doughNo, int position, FlourShare part) {
        Flour flour = part.flour();
        return new DoughFlourRecord(
                batchId,
                revision,
                doughNo,
                position,
                flour.key(),
                flour.name(),
                flour.kind().name(),
                flour.protein().millionths(),
                part.share().millionths(),
                flour.absorption().offset().millionths(),
                flour.absorption().spread().millionths(),
                flour.absorption().batches(),
                flour.price().map(Price::thousandths).orElse(null));
    }

    private DoughLineRecord row(int doughNo, int position, DoughLine line) {
        return new DoughLineRecord(
                batchId,
                revision,
                doughNo,
                position,
                line.addition().name(),
                line.share().millionths(),
                line.said());
    }

    private FillingRecord row(Filling filling) {
        return new FillingRecord(
                batchId,
                revision,
                filling.no(),
                filling.name(),
                filling.kind().name(),
                filling.testPatty().micrograms(),
                filling.loss().millionths(),
                filling.atHand().map(Mass::micrograms).orElse(null),
                filling.school().name());
    }

    private FillingLineRecord row(int fillingNo, int position, FillingLine line) {
        return new FillingLineRecord(
                batchId,
                revision,
                fillingNo,
                position,
                line.ingredient(),
                line.share().millionths());
    }

    private LotRecord row(Lot lot) {
        Integer perEater = lot.rule() instanceof PieceRule.PerEater rule ? Integer.valueOf(rule.each()) : null;
        Integer counted = lot.rule() instanceof PieceRule.Counted rule ? Integer.valueOf(rule.pieces()) : null;
        return new LotRecord(
                batchId,
                revision,
                lot.no(),
                lot.name(),
                lot.style(),
                lot.doughNo(),
                lot.fillingNo(),
                perEater,
                counted,
                lot.toFreezer(),
                lot.doughEach().micrograms(),
                lot.fillingEach().micrograms(),
                lot.shape().rope().micrometres(),
                lot.shape().disc().micrometres(),
                lot.shape().centreToRim(),
                lot.fold().name(),
                lot.method().key(),
                lot.vessel().kind().name(),
                lot.vessel().diameter().micrometres(),
                lot.vessel().tiers(),
                lot.vessel().watts(),
                lot.dip().name(),
                lot.bought().map(wrapper -> wrapper.shape().name()).orElse(null),
                lot.bought().map(wrapper -> wrapper.thickness().name()).orElse(null),
                lot.bought().map(wrapper -> wrapper.size().micrometres()).orElse(null),
                lot.bought().map(wrapper -> wrapper.each().micrograms()).orElse(null),
                lot.bought().map(BoughtWrapper::perPack).orElse(null));
    }
}
