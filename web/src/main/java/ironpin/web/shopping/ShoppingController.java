package ironpin.web.shopping;

import ironpin.amount.UnreadableAmount;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.pantry.FoodName;
import ironpin.pantry.Price;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.NotThere;
import ironpin.shopping.ShoppingItem;
import ironpin.shopping.ShoppingList;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.ShoppingStore;
import ironpin.store.StoredBatch;
import ironpin.web.numbers.OwnNumbers;
import ironpin.web.page.Eaten;
import ironpin.web.page.FieldError;
import ironpin.web.page.Plans;
import ironpin.web.page.TypedNumber;
import ironpin.web.page.TypedValue;
import ironpin.web.page.Units;
import ironpin.web.paper.PaperPress;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The shopping for a batch: one list over all its lots. */
@Controller
@RequestMapping("/batches/{id}/shopping")
class ShoppingController {
    private static final double MOST_GRAMS = 50_000;
    private static final double MOST_PRICE = 1_000;

    /** Number of a price's error; what stands at home has 0. */
    static final int PRICE = 1;

    private final BatchStore batches;
    private final ShoppingStore shopping;
    private final KitStore kit;
    private final Plans plans;
    private final Prices prices;
    private final PaperPress press;

    ShoppingController(
            BatchStore batches, ShoppingStore shopping, KitStore kit, Plans plans, Prices prices, PaperPress press) {
        this.press = press;
        this.prices = prices;
        this.batches = batches;
        this.shopping = shopping;
        this.kit = kit;
        this.plans = plans;
    }

    @GetMapping
    String list(
            @PathVariable long id,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        return show(id, Optional.empty(), fragment, model);
    }

    /** How much stands at home. */
    @PostMapping("/have")
    String have(
            @PathVariable long id,
            @RequestParam String item,
            @RequestParam String value,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        demandListed(id, item);
        Optional<TypedValue> typed = read(item, value, Units.of(request));
        if (typed.isEmpty() || typed.get().metric() < 0 || typed.get().metric() > MOST_GRAMS) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            Sentence range = Sentence.of("Between 0 and ", Quantity.brief(Dimension.MASS, MOST_GRAMS, 0), ".");
            return show(id, Optional.of(new FieldError(item, 0, value, range)), fragment, model);
        }
        Mass have = Mass.ofGrams(typed.get().metric());
        shopping.change(id, item, said -> new ShoppingStore.Said(have, said.inBasket()));
        return show(id, Optional.empty(), fragment, model);
    }

    /** What is not on the list, or no longer, is not written down either. */
    private void demandListed(long id, String item) {
        Batch batch = batches.load(id).batch();
        boolean listed = ShoppingList.of(
                        batch, Balancer.solve(batch), kit.load().hand())
                .items()
                .stream()
                .anyMatch(one -> one.key().equals(item));
        if (!listed) {
            throw NotThere.called("line of the list", item);
        }
    }

    private Optional<TypedValue> read(String item, String value, UnitSystem units) {
        try {
            return TypedValue.read(
                    value,
                    "",
                    Optional.of(Dimension.MASS),
                    units,
                    FoodName.read(item).food(),
                    kit.load().amounts());
        } catch (UnreadableAmount e) {
            return Optional.empty();
        }
    }

    /** What it costs; an empty field takes the price away. */
    @PostMapping("/price")
    String price(
            @PathVariable long id,
            @RequestParam String item,
            @RequestParam String value,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            HttpServletResponse response,
            Model model) {
        demandListed(id, item);
        OptionalDouble typed = TypedNumber.read(value, "");
        boolean none = value.isBlank();
        if (!none && (typed.isEmpty() || typed.getAsDouble() < 0 || typed.getAsDouble() > MOST_PRICE)) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            FieldError error = new FieldError(item, PRICE, value, Sentence.of("Between 0 and 1,000, or empty."));
            return show(id, Optional.of(error), fragment, model);
        }
        shopping.price(item, none ? Optional.empty() : Optional.of(Price.perKilogram(typed.getAsDouble())));
        return show(id, Optional.empty(), fragment, model);
    }

    @PostMapping("/basket")
    String basket(
            @PathVariable long id,
            @RequestParam String item,
            @RequestParam(defaultValue = "false") boolean bought,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean fragment,
            Model model) {
        demandListed(id, item);
        shopping.change(id, item, said -> new ShoppingStore.Said(said.have(), bought));
        return show(id, Optional.empty(), fragment, model);
    }

    /** To print. */
    @GetMapping("/list.pdf")
    ResponseEntity<byte[]> paper(
            @PathVariable long id, Model model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        show(id, Optional.empty(), false, model);
        return press.print("shopping", "shopping", model, request, response);
    }

    @GetMapping(path = "/list.txt", produces = "text/plain;charset=UTF-8")
    ResponseEntity<String> text(@PathVariable long id, HttpServletRequest request) {
        UnitSystem units = Units.of(request);
        OwnNumbers numbers = OwnNumbers.of(request);
        StringBuilder out = new StringBuilder();
        for (ShoppingScreen.Row row : screen(id, Optional.empty()).rows()) {
            if (!row.done()) {
                out.append(row.inBasket() ? "[x] " : "[ ] ")
                        .append(row.buy().render(units))
                        .append("  ")
                        .append(row.name())
                        .append('\n');
            }
        }
        ShoppingScreen screen = screen(id, Optional.empty());
        for (Eaten lot : screen.eaten()) {
            lot.avoided().forEach(one -> out.append('\n')
                    .append(lot.lot())
                    .append(": ")
                    .append(one.figure().render(units))
                    .append(' ')
                    .append(one.text().render(units)));
        }
        out.append('\n').append(screen.costs(numbers)).append('\n');
        return file("shopping.txt", "text/plain;charset=UTF-8", numbers.said(out.toString()));
    }

    @GetMapping(path = "/list.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@PathVariable long id) {
        StringBuilder out =
                new StringBuilder("aisle,item,needed_g,have_g,to_buy_g,packs,in_basket,price,cost,allergens\r\n");
        for (ShoppingScreen.Row row : screen(id, Optional.empty()).rows()) {
            ShoppingItem item = row.item();
            out.append(quoted(item.aisle().label()))
                    .append(',')
                    .append(quoted(item.name()))
                    .append(',')
                    .append(Math.round(item.needed().grams()))
                    .append(',')
                    .append(Math.round(row.have().grams()))
                    .append(',')
                    .append(Math.round(item.toBuy(row.have()).grams()))
                    .append(',')
                    .append(item.packs().map(String::valueOf).orElse(""))
                    .append(',')
                    .append(row.inBasket())
                    .append(',')
                    .append(row.price())
                    .append(',')
                    .append(row.cost())
                    .append(',')
                    .append(quoted(row.allergens()))
                    .append("\r\n");
        }
        return file("shopping.csv", "text/csv;charset=UTF-8", out.toString());
    }

    private static ResponseEntity<String> file(String name, String type, String body) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .contentType(MediaType.parseMediaType(type))
                .body(body);
    }

    /** After RFC 4180; a cell that a table program would take for a formula is told to be text. */
    private static String quoted(String cell) {
        String safe = cell.matches("(?s)^\\s*[=+\\-@].*") ? "'" + cell : cell;
        return "\"" + safe.replace("\"", "\"\"") + "\"";
    }

    private String show(long id, Optional<FieldError> refused, boolean fragment, Model model) {
        model.addAttribute("s", screen(id, refused));
        return fragment ? "shopping :: screen" : "shopping";
    }

    private ShoppingScreen screen(long id, Optional<FieldError> refused) {
        StoredBatch stored = batches.load(id);
        BatchPlan plan = plans.of(stored);
        Balance balance = plan.balance();
        List<ShoppingItem> items =
                ShoppingList.of(stored.batch(), balance, kit.load().hand()).items();
        Map<String, ShoppingStore.Said> said = shopping.of(id);
        return new ShoppingScreen(stored, items, said, prices.of(items), balance.pieces(), Eaten.of(plan), refused);
    }
}
