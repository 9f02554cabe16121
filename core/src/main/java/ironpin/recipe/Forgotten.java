package ironpin.recipe;

import ironpin.caution.Caution;
import ironpin.cook.VesselKind;
import ironpin.filling.SafeCore;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Cautions that belong to what a recipe does and that it does not give. */
final class Forgotten {
    private static final Pattern CORE = Pattern.compile("\\b(?:core|internal temperature|probe|thermometer)\\b"
            + "|\\b(?:inside|middle|centre|center)\\b[^.]{0,40}\\d\\d ?°");
    private static final Pattern TASTES = Pattern.compile("\\btaste\\b[^.]{0,40}\\b(?:filling|mixture|season)");
    private static final Pattern FRIES_SOME =
            Pattern.compile("\\b(?:fry|cook)[^.]{0,50}(?:little|bit|spoon|patty|teaspoon)");
    private static final Pattern COLD = Pattern.compile("\\b(?:fridge|refrigerat|chill)");
    private static final Pattern MINDS_HEAT =
            Pattern.compile("\\b(?:careful|burn|chopsticks|wooden spoon|cool enough|until cool)");
    private static final Pattern MINDS_FAT = Pattern.compile("\\b(?:spit|splatter|stand back|careful)");
    private static final Pattern MINDS_STEAM = Pattern.compile("\\baway from you\\b");

    private Forgotten() {}

    static List<Sentence> in(ReadRecipe recipe) {
        String text = recipe.written().method().toLowerCase(Locale.ROOT);
        List<Sentence> found = new ArrayList<>();
        List<SafeCore> raw = recipe.fillings().stream()
                .map(filling -> SafeCore.of(filling.formula()))
                .filter(SafeCore::mindRaw)
                .distinct()
                .toList();
        if (!CORE.matcher(text).find()) {
            for (SafeCore core : raw) {
                String of = core.because().isEmpty() ? "" : " for " + core.because();
                found.add(Sentence.of(
                        Quantity.celsius(core.core().celsius()), " in the core", of, ". ", Caution.CORE.text()));
            }
        }
        if (!raw.isEmpty()) {
            boolean tastes =
                    TASTES.matcher(text).find() && !FRIES_SOME.matcher(text).find();
            if (tastes || !text.contains("raw")) {
                found.add(Caution.RAW_FILLING.text());
            }
            if (!COLD.matcher(text).find()) {
                found.add(Caution.TWO_HOURS.text());
            }
        }
        boolean scalds =
                recipe.doughs().stream().anyMatch(dough -> dough.waterC().orElse(WaterHint.ROOM_C) >= WaterHint.HOT_C);
        if (scalds && !MINDS_HEAT.matcher(text).find()) {
            found.add(Caution.HOT_DOUGH.text());
        }
        VesselKind vessel = recipe.hints().vessel().orElse(null);
        if (vessel == VesselKind.PAN && !MINDS_FAT.matcher(text).find()) {
            found.add(Caution.HOT_FAT.text());
        }
        if (vessel == VesselKind.BASKET && !MINDS_STEAM.matcher(text).find()) {
            found.add(Caution.STEAM.text());
        }
        if (text.contains("freez") && !text.contains("refreeze")) {
            found.add(Caution.REFREEZE.text());
        }
        return found;
    }
}
