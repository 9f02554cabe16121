package ironpin.rehearsal;

import ironpin.quantity.Sentence;

/**
 * What is there to see and feel before a decision: drawn and said, never the hidden number.
 *
 * @param kind what is drawn
 * @param amount of it, in the kind's own measure
 * @param said in words
 */
public record Sign(Kind kind, double amount, Sentence said) {
    /** What is drawn. */
    public enum Kind {
        /** A sack of flour; no amount. */
        FLOUR,
        /** A ball under the thumb: how far from its best, 1 where hands feel it, below 0 too dry. */
        DOUGH,
        /** A piece beside the mark it was to be cut at: its length ÷ that of the mark. */
        PIECE,
        /** A disc in the ring it was rolled to: its width ÷ the ring's. */
        DISC,
        /** A closed piece: filling ÷ what closes with ease. */
        CLOSING,
        /** The door; 1 where somebody stands in it, else 0. */
        DOOR,
        /** A pot: how far it has come to the boil, 0 to 1. */
        POT,
        /** A piece cut open: how far its middle is done, 0 to 1. */
        MIDDLE
    }
}
