package ironpin.web.door;

import ironpin.refusal.NotThere;
import ironpin.store.BatchStore;
import ironpin.store.DeviceStore;
import ironpin.store.DeviceStore.Device;
import ironpin.store.DeviceStore.Kind;
import ironpin.wording.TimeOfDay;
import ironpin.wording.Typed;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Letting devices, guests and scripts in, and sending them away. */
@Controller
class DevicesController {
    private final DeviceStore devices;
    private final BatchStore batches;
    private final DoorCode code;
    private final Reached reached;
    private final SecureDoor secure;
    private final Clock clock;

    DevicesController(
            DeviceStore devices, BatchStore batches, DoorCode code, Reached reached, SecureDoor secure, Clock clock) {
        this.secure = secure;
        this.devices = devices;
        this.batches = batches;
        this.code = code;
        this.reached = reached;
        this.clock = clock;
    }

    /**
     * A device, ready to be shown.
     *
     * @param name what it is called
     * @param may what it may do
     * @param seen when it was here last
     */
    public record Row(long id, String name, String may, String seen) {}

    /**
     * A way in.
     *
     * @param address as it is typed
     * @param picture as a camera reads it
     */
    public record Way(String address, String picture) {}

    @GetMapping("/devices")
    String devices(Model model) {
        return show("", "", model);
    }

    /** A new code; it is shown for as long as it holds. */
    @PostMapping("/devices/code")
    String code() {
        code.make();
        return "redirect:/devices";
    }

    /** What a device is told to trust, so that pages behind the enciphered door are secure ones. */
    @GetMapping("/house.crt")
    ResponseEntity<byte[]> certificate() throws GeneralSecurityException {
        X509Certificate house = secure.authority().orElseThrow(() -> NotThere.called("certificate", "house"));
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"ironpin-house.crt\"")
                .body(house.getEncoded());
    }

    @PostMapping("/devices/away")
    String away(@RequestParam long id) {
        devices.sendAway(id);
        return "redirect:/devices";
    }

    /** What a script shows; it is told on this page and never again. */
    @PostMapping("/devices/script")
    String script(@RequestParam(defaultValue = "") String name, Model model) {
        String called = name.isBlank() ? "Script" : Typed.name(name.strip());
        return show(devices.letIn(Kind.SCRIPT, called, Optional.empty(), clock.instant()), "", model);
    }

    /** A link that shows one batch; none where nobody could follow it, which the page says. */
    @PostMapping("/batches/{id}/guest")
    String guest(@PathVariable long id, Model model) {
        String title = batches.load(id).batch().title();
        if (reached.addresses().isEmpty()) {
            return show("", "", model);
        }
        String token = devices.letIn(Kind.GUEST, "A guest of " + title, Optional.of(id), clock.instant());
        return show("", LetIn.LOOK + token, model);
    }

    private String show(String script, String look, Model model) {
        secure.authority().ifPresent(house -> {
            model.addAttribute("secure", secure.address().orElseThrow());
            model.addAttribute("fingerprint", HouseCertificate.fingerprint(house));
        });
        List<String> addresses = reached.addresses();
        Optional<String> now = code.now();
        String path = look.isEmpty() ? LetIn.KNOCK + "?code=" + now.orElse("") : look;
        model.addAttribute(
                "ways",
                addresses.stream()
                        .map(address ->
                                new Way(look.isEmpty() ? address : address + look, QrPicture.svg(address + path)))
                        .toList());
        model.addAttribute(
                "code",
                now.map(six -> six.substring(0, 3) + " " + six.substring(3)).orElse(""));
        model.addAttribute("minutes", code.left().toMinutes() + 1);
        model.addAttribute("script", script);
        model.addAttribute("look", look);
        model.addAttribute("devices", devices.all().stream().map(this::row).toList());
        return "devices";
    }

    private Row row(Device one) {
        String may =
                switch (one.kind()) {
                    case DEVICE -> "everything";
                    case GUEST -> "looks at one batch";
                    case SCRIPT -> "sends readings";
                };
        return new Row(one.id(), one.name(), may, day(one.seen()));
    }

    private String day(Instant at) {
        return TimeOfDay.shortDay(at.atZone(clock.getZone())) + ", " + TimeOfDay.of(at.atZone(clock.getZone()));
    }
}
