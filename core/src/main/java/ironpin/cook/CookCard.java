package ironpin.cook;

import ironpin.caution.Caution;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The spells of a round in sentences: what to do, by what it is seen that it is over, and what can hurt. */
public final class CookCard {
    private CookCard() {}

    /**
     * @param spells in their order
     * @param method whose school they follow
     */
    public static List<CookStep> of(List<Spell> spells, CookMethod method) {
        List<CookStep> steps = new ArrayList<>();
        for (int i = 0; i < spells.size(); i++) {
            Spell spell = spells.get(i);
            boolean into = i == 0 || spells.get(i - 1).fire() != spell.fire();
            boolean last = i == spells.size() - 1 || spells.get(i + 1).fire() != spell.fire();
            Says says = says(spell, into, last, method);
            steps.add(new CookStep(
                    "spell-" + (i + 1), says.text, says.cue, Optional.ofNullable(says.caution), spell.time()));
        }
        return steps;
    }

    /** @param caution or null */
    private record Says(Sentence text, String cue, Caution caution) {}

    private static Says says(Spell spell, boolean into, boolean last, CookMethod method) {
        return switch (spell.fire()) {
            case BOIL -> boil(spell, into, last);
            case STEAM -> steam(spell, into);
            case PAN -> pan(spell, into, method);
            case FRY ->
                new Says(
                        into
                                ? Sentence.of(
                                        "Oil half-way up, at about ",
                                        Quantity.celsius(170),
                                        ": lay the pieces in, away from you.")
                                : spell.turn() ? Sentence.of("Turn them over.") : Sentence.of("Go on frying."),
                        "golden underneath",
                        Caution.HOT_OIL);
            case GRIDDLE -> griddle(spell, into);
            case BAKE -> bake(spell, into, method);
            case REST ->
                new Says(
                        spell.lid()
                                ? Sentence.of("Off the fire, lid on.")
                                : Sentence.of("Lift out and let them drain."),
                        "",
                        null);
        };
    }

    private static Sentence poured(Spell spell) {
        return Quantity.mass(spell.pour().grams(), 0);
    }

    private static Says boil(Spell spell, boolean into, boolean last) {
        String cue = last
                ? "they float and the skin is translucent: floating is steam inside, not safety"
                : "it boils again";
        String lid = spell.lid() ? " Lid on." : "";
        Sentence cold = spell.pour().micrograms() > 0 ? Sentence.of(poured(spell), " of cold water") : Sentence.EMPTY;
        if (into) {
            Sentence with = cold.isEmpty() ? Sentence.EMPTY : Sentence.of(" Pour in ", cold, ".");
            return new Says(
                    Sentence.of("Slide the pieces in and stir at once, along the bottom.", with, lid),
                    cue,
                    Caution.BOILING_WATER);
        }
        if (!cold.isEmpty()) {
            return new Says(Sentence.of("At the boil, pour in ", cold, ".", lid), cue, null);
        }
        String text =
                switch (spell.flame()) {
                    case LOW -> "Turn down: simmer.";
                    case MEDIUM -> "A gentle boil.";
                    case HIGH -> "Turn up: a rolling boil.";
                };
        return new Says(Sentence.of(text + lid), cue, null);
    }

    private static Says steam(Spell spell, boolean into) {
        Sentence more = spell.pour().micrograms() > 0
                ? Sentence.of(" Top up with ", poured(spell), " of water.")
                : Sentence.EMPTY;
        if (spell.cold()) {
            return new Says(
                    Sentence.of("Pieces on over cold water; wait for the first steam.", more),
                    "steam at the lid",
                    null);
        }
        String text = spell.lid() ? "Lid on, over boiling water." : "Lid off.";
        return new Says(
                Sentence.of(into ? "Pieces on, apart. " : "", text, more),
                "the skin is translucent and springs back",
                Caution.STEAM);
    }

    private static Says pan(Spell spell, boolean into, CookMethod method) {
        boolean skirt = method instanceof PanFrySteam way && way.pan() == PanFrySteam.Start.SKIRT;
        String turn = spell.turn() ? " Turn them." : "";
        if (spell.pour().micrograms() > 0) {
            String what = skirt ? " of thin batter" : " of water";
            return new Says(
                    Sentence.of("Pour in ", poured(spell), what, spell.lid() ? ", lid on at once." : ".", turn),
                    "it crackles: the water has nearly gone",
                    Caution.HOT_FAT);
        }
        if (into) {
            String pan = spell.cold() ? "Into the cold pan: " : "";
            String oil = spell.fat() ? "oil in, pieces" : "pieces";
            String text = pan + oil + " seat down and not touching.";
            return new Says(
                    Sentence.of(Character.toUpperCase(text.charAt(0)) + text.substring(1) + turn),
                    "the seats are golden",
                    spell.fat() ? Caution.HOT_FAT : null);
        }
        String fat = spell.fat() ? " A little oil." : "";
        return new Says(
                Sentence.of((spell.lid() ? "Lid on." : "Lid off, let the rest dry off and crisp.") + fat + turn),
                skirt ? "the skirt is golden and lets go" : "the water has gone and the seats are crisp",
                spell.fat() ? Caution.HOT_FAT : null);
    }

    private static Says griddle(Spell spell, boolean into) {
        String fat = spell.fat() ? " A little oil under it." : "";
        String lid = spell.lid() ? " Lid on." : "";
        String side = into ? "First side" : spell.turn() ? "Turn" : "Go on";
        return new Says(
                Sentence.of(side + (into && !spell.fat() ? ", dry." : ".") + fat + lid),
                into ? "the top changes colour or bubbles" : "it puffs, and brown spots come underneath",
                Caution.HOT_PLATE);
    }

    private static Says bake(Spell spell, boolean into, CookMethod method) {
        double set = method instanceof Bake way ? way.oven().celsius() : Load.OVEN;
        Sentence more =
                spell.pour().micrograms() > 0 ? Sentence.of(" Pour in ", poured(spell), " of water.") : Sentence.EMPTY;
        String how = spell.lid() ? "covered" : "open";
        return new Says(
                into
                        ? Sentence.of("Into the oven at ", Quantity.celsius(set), ", ", how, ", in hot broth.", more)
                        : Sentence.of(spell.lid() ? "Cover it." : "Take the cover off.", more),
                spell.lid() ? "the broth bubbles" : "the tops are brown",
                spell.lid() ? null : Caution.STEAM);
    }
}
