package ironpin.batch.balance;

import ironpin.dough.DoughMasses;
import ironpin.quantity.Mass;
import java.util.List;

/**
 * Where every gram goes. For each dough and filling the parts add up to the whole exactly.
 *
 * @param doughs one for each dough of the batch, in its order
 * @param fillings one for each filling
 * @param lots one for each lot
 */
public record Balance(List<OfDough> doughs, List<OfFilling> fillings, List<OfLot> lots) {
    /**
     * A dough shared out: {@code made = lost + inPieces + trimmings + left}.
     *
     * @param no of the dough
     * @param made weighed out
     * @param lost to bowl, hands and bench
     * @param inPieces in whole pieces
     * @param trimmings cut away and not rolled once more (est.)
     * @param left over
     */
    public record OfDough(int no, DoughMasses made, Mass lost, Mass inPieces, Mass trimmings, Mass left) {}

    /**
     * A filling shared out: {@code made = patty + lost + inPieces + left}.
     *
     * @param no of the filling
     * @param made in all
     * @param patty fried and tasted
     * @param lost to the bowl
     * @param inPieces in whole pieces
     * @param left over
     */
    public record OfFilling(int no, Mass made, Mass patty, Mass lost, Mass inPieces, Mass left) {}

    /**
     * A lot.
     *
     * @param no of the lot
     * @param pieces in all
     * @param toFreezer of them
     * @param doughEach in one piece, as solved; of a bought wrapper its mass
     * @param fillingEach in one piece, as solved
     */
    public record OfLot(int no, int pieces, int toFreezer, Mass doughEach, Mass fillingEach) {
        /** Pieces for the table. */
        public int toTable() {
            return pieces - toFreezer;
        }

        /** Mass of one piece. */
        public Mass piece() {
            return doughEach.plus(fillingEach);
        }
    }

    public Balance {
        doughs = List.copyOf(doughs);
        fillings = List.copyOf(fillings);
        lots = List.copyOf(lots);
    }

    /** The share of this dough. */
    public OfDough dough(int no) {
        return doughs.stream().filter(share -> share.no() == no).findFirst().orElseThrow();
    }

    /** The share of this filling. */
    public OfFilling filling(int no) {
        return fillings.stream().filter(share -> share.no() == no).findFirst().orElseThrow();
    }

    /** The share of this lot. */
    public OfLot lot(int no) {
        return lots.stream().filter(share -> share.no() == no).findFirst().orElseThrow();
    }

    /** Pieces of all lots. */
    public int pieces() {
        return lots.stream().mapToInt(OfLot::pieces).sum();
    }
}
