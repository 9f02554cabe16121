package ironpin.recipe;

import ironpin.caution.Caution;
import ironpin.cook.VesselKind;
import ironpin.filling.FillingKind;
import ironpin.quantity.Quoted;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Cautions that belong to what a recipe does and that it does not give. */
final class Forgotten {
    private Forgotten() {}

    static List<String> in(ReadRecipe recipe) {
        String text = recipe.written().method().toLowerCase(Locale.ROOT);
        List<String> found = new ArrayList<>();
        List<FillingKind> raw = recipe.fillings().stream()
                .map(RecipeFilling::kind)
                .filter(FillingKind::raw)
                .distinct()
                .toList();
        for (FillingKind kind : raw) {
            if (!text.matches(".*\\b(?:core|internal temperature|probe|thermometer)\\b.*"
                    + "|.*\\b(?:inside|middle|centre|center)\\b[^.]{0,40}\\d\\d ?°.*")) {
                found.add(Quoted.temperature(kind.safeCore().celsius()) + " in the core of " + kind.label() + ". "
                        + Caution.CORE.text());
            }
        }
        if (!raw.isEmpty()) {
            boolean tastes = text.matches(".*\\btaste\\b[^.]{0,40}\\b(?:filling|mixture|season).*")
                    && !text.matches(".*\\b(?:fry|cook)[^.]{0,50}(?:little|bit|spoon|patty|teaspoon).*");
            if (tastes || !text.contains("raw")) {
                found.add(Caution.RAW_FILLING.text());
            }
            if (!text.matches(".*\\b(?:fridge|refrigerat|chill)\\w*.*")) {
                found.add(Caution.TWO_HOURS.text());
            }
        }
        boolean scalds = recipe.doughs().stream()
                .anyMatch(dough -> dough.waterC().orElse(RecipeHints.ROOM_C) >= RecipeHints.HOT_C);
        if (scalds && !text.matches(".*\\b(?:careful|burn|chopsticks|wooden spoon|cool enough|until cool).*")) {
            found.add(Caution.HOT_DOUGH.text());
        }
        VesselKind vessel = recipe.hints().vessel().orElse(null);
        if (vessel == VesselKind.PAN && !text.matches(".*\\b(?:spit|splatter|stand back|careful).*")) {
            found.add(Caution.HOT_FAT.text());
        }
        if (vessel == VesselKind.BASKET && !text.matches(".*\\baway from you\\b.*")) {
            found.add(Caution.STEAM.text());
        }
        if (text.contains("freez") && !text.contains("refreeze")) {
            found.add(Caution.REFREEZE.text());
        }
        return found;
    }
}
