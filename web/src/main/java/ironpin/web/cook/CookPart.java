package ironpin.web.cook;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import ironpin.batch.Station;
import ironpin.plan.InsidePiece;
import ironpin.plan.InsidePiece.Start;
import ironpin.plan.LotPlan;
import ironpin.web.page.Screen;
import ironpin.web.page.StationPart;
import ironpin.web.picture.InsidePicture;
import ironpin.web.picture.Say;
import ironpin.wording.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the Cook station shows besides: the inside of a piece, from the board, the fridge and the freezer. */
@Component
class CookPart implements StationPart {
    private static final int KEPT = 60;

    /** What a piece's temperatures follow from. */
    private record Key(LotPlan lot, Start start) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key key
                    && start == key.start
                    && lot.lot().equals(key.lot.lot())
                    && lot.share().equals(key.lot.share())
                    && lot.filling().equals(key.lot.filling());
        }

        @Override
        public int hashCode() {
            return 31 * (31 * lot.lot().hashCode() + lot.share().hashCode()) + start.hashCode();
        }
    }

    private final LoadingCache<Key, Optional<InsidePiece>> pieces =
            Caffeine.newBuilder().maximumSize(KEPT).build(key -> InsidePiece.of(key.lot(), key.start()));

    @Override
    public Station station() {
        return Station.COOK;
    }

    @Override
    public void show(Screen screen, Model model) {
        List<InsidePiece> inside = Arrays.stream(Start.values())
                .map(start -> pieces.get(new Key(screen.lot(), start)))
                .flatMap(Optional::stream)
                .toList();
        if (inside.isEmpty()) {
            return;
        }
        model.addAttribute("inside", InsidePicture.of(inside.get(0)));
        List<String> said = new ArrayList<>();
        inside.forEach(one -> said.add(said(one)));
        model.addAttribute("insideSaid", said);
    }

    private static String said(InsidePiece one) {
        if (one.usual().isEmpty()) {
            return "Straight " + one.start().label() + ": not within half an hour (est.).";
        }
        String range = one.least().map(Span::of).orElse("?") + " to "
                + one.most().map(Span::of).orElse("over half an hour");
        return "Straight " + one.start().label() + ": " + Span.of(one.usual().get()) + " to "
                + Say.celsius(one.safe().celsius()) + " in the middle (est.), " + range
                + " for pieces 15 % lighter or heavier; the skin has cooked for "
                + Span.of(one.skinTime().orElseThrow()) + " by then.";
    }
}
