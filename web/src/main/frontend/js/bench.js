// At the counter: the next line large, the screen awake, one key or tap to go on.
import { singleKeys } from "./shortcuts.js";

let lock = null;

const screen = () => document.getElementById("screen");

async function stayAwake() {
  try {
    lock = (await navigator.wakeLock?.request("screen")) ?? null;
  } catch {
    // The browser may refuse, on low battery for one; the bench works all the same.
    lock = null;
  }
}

function toggle() {
  const { batch, lot, place, bench } = screen()?.dataset ?? {};
  if (batch) {
    const large = place === "run" && bench === "true";
    location.href = `/batches/${batch}/run?lot=${lot}${large ? "" : "&bench=true"}`;
  }
}

document.addEventListener("keydown", (event) => {
  const typing = event.target.closest?.("input:not([type=radio]):not([type=checkbox]), textarea, select, dialog[open]");
  if (event.key === "b" && !event.ctrlKey && !event.metaKey && !event.altKey && !typing && singleKeys()) {
    toggle();
  }
});

document.addEventListener("DOMContentLoaded", () => {
  if (screen()?.dataset.place === "run") {
    stayAwake();
  }
});
document.addEventListener("visibilitychange", () => {
  if (document.visibilityState === "visible" && lock?.released) {
    stayAwake();
  }
});
