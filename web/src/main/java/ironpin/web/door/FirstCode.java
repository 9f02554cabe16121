package ironpin.web.door;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where others may reach it, it says so in the terminal when it starts, with a code that holds for ten minutes. */
@Component
@Lazy(false)
class FirstCode {
    private final Reached reached;
    private final DoorCode code;

    FirstCode(Reached reached, DoorCode code) {
        this.reached = reached;
        this.code = code;
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        if (!reached.addresses().isEmpty()) {
            String six = code.make();
            String address = reached.addresses().get(0);
            System.out.println("Other devices: " + address + "/   code " + six + " (" + DoorCode.HOLDS.toMinutes()
                    + " minutes; another one under Devices in the kit)");
            System.out.print(QrPicture.text(address + LetIn.KNOCK + "?code=" + six));
        }
    }
}
