package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import ironpin.batch.Appetite;
import ironpin.store.BatchStore;
import ironpin.style.Styles;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What a cook does at the filling station and with the sums beside it. */
public class FillingJourneyTest extends OpenKitchen {
    private BrowserContext laptop;
    private Page page;
    private long id;

    @BeforeMethod
    public void atTheFilling() {
        id = bean(BatchStore.class)
                .create(
                        Styles.start(
                                Styles.get("boiled-crescent"),
                                "Filling journey",
                                LocalDateTime.of(2026, 12, 12, 19, 0),
                                6,
                                Appetite.USUAL),
                        "new",
                        Instant.now());
        laptop = device(1280, 900);
        page = page(laptop);
        page.navigate("/batches/" + id + "/filling");
    }

    @AfterMethod(alwaysRun = true)
    public void tidyUp() {
        laptop.close();
        bean(BatchStore.class).delete(id);
    }

    private void type(String field, String value) {
        page.locator("#" + field).fill(value);
        page.locator("#" + field).press("Enter");
    }

    private Locator findings() {
        return page.locator(".findings");
    }

    @Test
    public void aFillingIsComposedOfLinesWithShareAndGrams() {
        assertThat(page.locator("#filling-lines tbody tr")).hasCount(8);
        assertThat(findings()).containsText("1.11 to 1.37 % salt in the filling, within 1.00 to 1.40 %.");
        assertThat(findings())
                .containsText("3 allergens in skin, filling and dip: gluten, soy, sesame; may hold celery");
        assertThat(page.locator("#filling-lines")).containsText("buy about 446 g (60–70 % is left, est.)");
        assertThat(page.locator(".order li").first()).containsText("take about 446 g raw (est.)");
        assertThat(page.locator(".order li").nth(2)).containsText("A spoon at a time, always the same way:");
        page.getByText("mixed gently").click();
        assertThat(page.locator(".order")).containsText("Loosen with a fork:");
        assertThat(findings()).containsText("liquid for the meat: mixed gently it takes 0.0 to 10.0 %");
        page.locator("#treatment-1").selectOption("BLANCH");
        assertThat(page.locator("#filling-name-1")).hasValue("carrots, blanched and squeezed");
        assertThat(page.locator("#filling-lines")).containsText("(45–60 % is left, est.)");
        page.locator("#filling-new").fill("feta, crumbled");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("add").setExact(true))
                .click();
        assertThat(page.locator("#filling-lines tbody tr")).hasCount(9);
        assertThat(findings()).containsText("gluten, milk, soy, sesame");
        type("filling-grams-1-9", "1/2 cup");
        assertThat(page.locator("#filling-grams-1-9")).hasValue("74.5");
        assertThat(page.locator(".reading")).containsText("½ US cup feta");
        type("filling-grams-1-1", "300");
        assertThat(page.locator("#filling-grams-1-1")).hasValue("300");
        type("filling-grams-1-1", "99999");
        assertThat(page.locator("#filling-grams-1-1-error")).hasText(Pattern.compile("Between [\\d.]+ and \\d+ g."));
        page.locator("#filling-grams-1-1").press("Escape");
        type("filling-name-8", " ");
        assertThat(page.locator("#form-filling-name-8 .field-error")).hasText("1 to 80 characters.");
        page.locator("#filling-name-8").press("Escape");
        type("filling-name-8", "moon dust");
        assertThat(findings()).containsText("1 line not known: “moon dust”.");
        page.getByLabel("leave out moon dust").click();
        assertThat(page.locator("#filling-lines tbody tr")).hasCount(8);
        page.locator("#filling-kind").selectOption("POULTRY");
        assertThat(page.locator("[data-undo]")).hasAttribute("title", "Undo poultry");
        page.navigate("/batches/" + id + "/cook");
        // What it is called decides nothing; what is really in it does.
        assertThat(findings()).containsText("71 °C in the middle");
        page.navigate("/batches/" + id + "/filling");
        type("filling-name-0", "chicken thigh, minced");
        assertThat(page.locator("[data-undo]")).hasAttribute("title", "Undo chicken thigh, minced");
        page.navigate("/batches/" + id + "/cook");
        assertThat(findings()).containsText("74 °C in the middle");
    }

    @Test
    public void tooMuchSaltIsSaidWithItsCure() {
        type("filling-share-1-7", "2.5");
        Locator look = page.locator(".finding.look").first();
        assertThat(look).containsText("salt: over 1.00 to 1.40 %.");
        assertThat(look).containsText("more filling without salt would bring it down");
        look.getByRole(AriaRole.BUTTON).click();
        assertThat(findings()).not().containsText("salt: over");
        type("filling-share-1-7", "0.2");
        assertThat(page.locator(".finding.look").first()).containsText("of salt would bring it to 1.20 %.");
        type("filling-name-0", "lamb mince, 6 % fat");
        assertThat(findings()).containsText("fat in the meat, oil counted in: lean.");
        assertThat(findings()).containsText("of back fat would bring it to 25.0 % (est.).");
    }

    @Test
    public void fatIsBlendedAndSoupIsSetBesideIt() {
        page.getByText("Blend fat, set soup").click();
        Locator lines = page.locator(".tool-line");
        assertThat(lines.nth(0)).hasText("545.5 g of the one with 8 % fat");
        assertThat(lines.nth(1)).hasText("154.5 g of the one with 85 % fat");
        assertThat(page.locator(".amounts")).containsText("1 h 31 min in the fridge until it sets at 12 °C (est.).");
        type("tool-limit2", "50");
        assertThat(lines.nth(2)).containsText("is the nearest these reach: 13.5 % fat, not 25 %.");
        type("tool-depth", "5 cm");
        assertThat(page.locator(".amounts")).containsText("Too deep: hot stock must be under 21 °C in 2 h");
        type("tool-total", "-4");
        assertThat(page.locator(".field-error")).hasText("Between 1 and 50000 g.");
        assertEquals(page.locator("#tool-total").inputValue(), "-4");
        assertEquals(page.locator("#tool-depth").inputValue(), "5 cm");
    }

    @Test
    public void aSecondLotJoinsSharesTheDoughAndLeaves() {
        page.navigate("/batches/" + id + "/table");
        page.locator("#add-lane").selectOption("steamed-leaf");
        assertThat(page.locator("a.lane-name")).hasCount(2);
        assertThat(page.locator(".ribbon-wide")).containsText("48 to the table");
        page.locator("a.lane-name").nth(1).click();
        assertThat(page.locator(".lane-current")).hasText("Steamed leaves");
        page.locator("#lane-dough").selectOption("1");
        assertThat(page.locator("#lane-dough")).hasCount(0);
        assertThat(page.locator(".ribbon-wide .forked")).hasCount(1);
        page.locator("#lane-filling").selectOption("1");
        assertThat(page.locator("#lane-filling")).hasCount(0);
        page.navigate("/batches/" + id + "/cook?lot=2");
        page.locator("#way").selectOption("pan-fry-steam/hot");
        assertThat(page.locator("h2").first()).hasText("Pan-fry-steamed leaves, pan-fry-steamed");
        page.navigate("/batches/" + id + "/table?lot=2");
        page.getByText("leave out the pan-fry-steamed leaves").click();
        assertThat(page.locator("a.lane-name")).hasCount(1);
        assertThat(page.locator("#pieces-1")).hasValue("72");
    }

    @Test
    public void aPattyIsTastedAndTheRestSeasoned() {
        page.locator("#form-taste-BLAND button").click();
        assertThat(page.locator(".taste"))
                .containsText("Tasted bland at 1.24 % salt (est.): add 2.7 g of fine salt to the rest.");
        assertThat(findings()).containsText("1.31 to 1.57 % salt in the filling");
        assertThat(page.locator(".taste")).containsText("You like about");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.locator(".taste")).not().containsText("Tasted");
        assertThat(findings()).containsText("1.11 to 1.37 % salt");
    }

    @Test
    public void whatIsLeftAfterSqueezingIsWeighedAndLearned() {
        page.locator("#raw-1").fill("300");
        page.locator("#left-1").fill("400");
        page.locator("#form-weighed-1 button").click();
        assertThat(page.locator("#form-weighed-1 .field-error")).containsText("Both in grams");
        assertThat(page.locator("#raw-1")).hasValue("300");
        page.locator("#left-1").fill("165");
        page.locator("#form-weighed-1 button").click();
        assertThat(page.locator("#filling-lines")).containsText("% is left, weighed 1 time)");
    }

    @Test
    public void whatIsLeftOverIsMendedByOnePress() {
        page.navigate("/batches/" + id + "/table");
        type("flour-1", "200");
        page.getByText("Hold flour and filling both, and size the pieces to use them up")
                .click();
        assertThat(page.locator("button.pin-button.held")).hasCount(2);
        type("filling-1", "1000");
        assertThat(page.locator("#filling-1")).hasValue("1000");
        page.navigate("/batches/" + id + "/filling");
        assertThat(findings()).containsText("of filling over,");
        assertThat(findings()).containsText("inside the bands of dough and filling nothing takes it up");
        Locator fixes = findings()
                .locator(".finding")
                .filter(new Locator.FilterOptions().setHasText("of filling over"))
                .locator("button");
        assertThat(fixes).hasCount(2);
        assertThat(fixes.first()).containsText("more flour");
        fixes.nth(1).click();
        assertThat(page.getByText("In bought wrappers").first()).isVisible();
        assertThat(findings()).not().containsText("nothing takes it up");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(findings()).containsText("nothing takes it up");
    }

    @Test
    public void leanMeatIsBlendedAndSoupIsSetInTime() {
        page.locator("#filling-name-0").fill("lamb mince, 8 % fat");
        page.locator("#filling-name-0").press("Tab");
        assertThat(findings()).containsText("oil counted in: lean");
        page.locator("#form-blend button").click();
        assertThat(page.locator("#filling-name-1")).hasValue("back fat");
        assertThat(page.locator("#form-blend")).hasCount(0);
        page.locator("#form-soup button").click();
        assertThat(findings()).containsText("4.5 g of soup in each piece (est.).");
        assertThat(findings()).containsText("1 h 31 min to set");
        page.navigate("/batches/" + id + "/clock");
        assertThat(page.locator("main")).containsText("The stock sets in the fridge.");
    }

    @Test
    public void whatSomebodyAvoidsIsSaidWhereItIs() {
        page.navigate("/batches/" + id + "/table");
        assertThat(page.locator("#dip-lines")).containsText("59 ml light soy sauce");
        page.locator("#dip").selectOption("Mint yoghurt");
        assertThat(page.locator("#dip-lines")).containsText("81 ml thick yoghurt");
        page.locator("#avoid-SESAME").check();
        assertThat(findings()).containsText("sesame");
        page.navigate("/batches/" + id + "/filling");
        assertThat(findings()).containsText("sesame");
    }
}
