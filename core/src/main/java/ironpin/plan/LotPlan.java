package ironpin.plan;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.edit.DoughMixing;
import ironpin.batch.edit.Pin;
import ironpin.cook.Bake;
import ironpin.cook.CookCard;
import ironpin.cook.CookStep;
import ironpin.cook.Cooking;
import ironpin.cook.Load;
import ironpin.cook.PieceBody;
import ironpin.cook.Rounds;
import ironpin.cook.Spell;
import ironpin.dough.HydrationTarget;
import ironpin.dough.Mixing;
import ironpin.portion.RopePlan;
import ironpin.portion.SheetPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.FillRoom;
import ironpin.wrapper.Fold;
import ironpin.wrapper.StuffedBread;
import ironpin.wrapper.WrapperProfile;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * Everything that follows for one lot.
 *
 * @param lot as the cook wants it
 * @param share its pieces and sizes, as solved
 * @param dough its dough
 * @param filling its filling
 * @param pin what holds it
 * @param hydration where its dough should lie
 * @param mixing its flour and water as they meet
 * @param rope how to cut it
 * @param wrapper how it is rolled
 * @param room what its fold holds; absent for a stuffed bread
 * @param bread its section; only for a stuffed bread
 * @param packs what to buy; only for wrappers out of a pack
 * @param rounds how it is cooked
 */
public record LotPlan(
        Lot lot,
        Balance.OfLot share,
        Dough dough,
        Filling filling,
        Pin pin,
        HydrationTarget hydration,
        Mixing mixing,
        RopePlan rope,
        WrapperProfile wrapper,
        Optional<FillRoom> room,
        Optional<StuffedBread> bread,
        Optional<BoughtWrapper.Packs> packs,
        Rounds rounds) {

    /** The temperature of its dough just after mixing (est.). */
    public Temperature mixed() {
        return mixing.mixed(dough.water());
    }

    static LotPlan of(Batch batch, Balance balance, Lot lot) {
        Balance.OfLot share = balance.lot(lot.no());
        Dough dough = batch.dough(lot.doughNo());
        boolean pressed = lot.fold().enclosure() == Fold.Enclosure.DISC;
        return new LotPlan(
                lot,
                share,
                dough,
                batch.filling(lot.fillingNo()),
                Pin.of(batch, lot),
                hydration(dough, lot),
                DoughMixing.of(batch, balance, dough.no()),
                RopePlan.of(
                        share.doughEach(),
                        share.pieces(),
                        lot.shape().rope(),
                        lot.cutting().board()),
                profile(lot, share),
                pressed ? Optional.empty() : Optional.of(FillRoom.of(skin(lot, dough), lot.fold())),
                pressed
                        ? Optional.of(StuffedBread.of(
                                share.doughEach().multipliedBy(1 - lot.fold().spare()),
                                share.fillingEach(),
                                lot.shape().disc()))
                        : Optional.empty(),
                lot.bought().map(wrapper -> wrapper.packsFor(share.pieces())),
                Rounds.of(
                        share.toTable(),
                        load(lot, share, 1),
                        lot.fold(),
                        lot.wide(),
                        lot.cooking().atOnce()));
    }

    private static WrapperProfile profile(Lot lot, Balance.OfLot share) {
        return switch (lot.outline()) {
            case ROUND ->
                WrapperProfile.ofDiameter(
                        share.doughEach(),
                        lot.wide(),
                        lot.bought().isPresent() || lot.fromSheet()
                                ? 1
                                : lot.shape().centreToRim());
            case SQUARE -> WrapperProfile.even(share.doughEach(), lot.wide(), lot.wide());
            case STRIP ->
                WrapperProfile.even(share.doughEach(), lot.wide(), lot.shape().slice());
        };
    }

    /** How one round of it is cooked. */
    public List<Spell> spells() {
        return lot.spells(share.piece());
    }

    /** How long one round takes (est.). */
    public Duration roundTime() {
        return Cooking.time(spells());
    }

    /** The same in sentences. */
    public List<CookStep> card() {
        return CookCard.of(spells(), lot.method());
    }

    /** Pieces in the fullest round; 1 where none is cooked. */
    public int atOnce() {
        return rounds.sizes().isEmpty() ? 1 : rounds.sizes().get(0);
    }

    /** The fullest round, as it goes on. */
    public Load load() {
        return load(lot, share, atOnce());
    }

    static Load load(Lot lot, Balance.OfLot share, int count) {
        return new Load(
                PieceBody.of(lot.fold(), lot.wide(), lot.shape().slice(), share.doughEach(), share.fillingEach())
                        .slower(lot.cooking().correction().mean()),
                share.piece(),
                count,
                lot.spells(share.piece()),
                lot.cooking().from().temperature(),
                lot.vessel(),
                lot.method() instanceof Bake way ? way.oven().celsius() : Load.OVEN);
    }

    /** What is closed, as geometry sees it. */
    public FillRoom.Skin skin() {
        return skin(lot, dough);
    }

    private static FillRoom.Skin skin(Lot lot, Dough dough) {
        double stretch = lot.bought().isPresent()
                ? FillRoom.BOUGHT_STRETCH
                : dough.family().stretch();
        return new FillRoom.Skin(
                lot.wide(), lot.shape().slice(), stretch, lot.handiwork().comfortable());
    }

    /** Its pieces out of a sheet, as many rollings as they take; only where they are cut out of one. */
    public Optional<SheetPlan> sheet() {
        if (!lot.fromSheet() || share.pieces() == 0) {
            return Optional.empty();
        }
        Mass dough = share.doughEach().times(share.pieces()).multipliedBy(lot.taken());
        return Optional.of(SheetPlan.of(
                dough, share.doughEach(), share.pieces(), lot.shape().disc(), lot.cutting()));
    }

    private static HydrationTarget hydration(Dough dough, Lot lot) {
        double flourShift = 0;
        for (var part : dough.flours()) {
            flourShift += part.share().fraction() * HydrationTarget.flourShift(dough.family(), part.flour());
        }
        return new HydrationTarget(
                dough.band(),
                lot.method().hydrationShift(),
                flourShift,
                dough.learnedOffset().percent());
    }
}
