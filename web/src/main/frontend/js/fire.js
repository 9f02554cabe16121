// What probe and hob show of the round that is on the fire, as it changes.
import { said } from "./local.js";
import { units } from "./units.js";

function say(panel, name, text) {
  const place = panel.querySelector(`[data-fire-${name}]`);
  if (place && place.textContent !== text) {
    place.textContent = text;
  }
}

document.addEventListener("ironpin:fire", ({ detail }) => {
  const panel = document.querySelector(`[data-fire="${detail.batch}-${detail.lot}"]`);
  if (!panel) {
    return;
  }
  say(panel, "read", said(detail.read[units()]));
  say(panel, "meant", said(detail.meant[units()]));
  say(panel, "probe", detail.simulated ? "simulated probe" : "by the probe");
  say(panel, "spell", String(detail.spell + 1));
  say(panel, "left", detail.left || "over");
  say(panel, "watts", String(detail.watts));
});
