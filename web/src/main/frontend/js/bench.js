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
  const { batch, lot, place } = screen()?.dataset ?? {};
  if (batch) {
    location.href = place === "bench" ? `/batches/${batch}/run?lot=${lot}` : `/batches/${batch}/bench?lot=${lot}`;
  }
}

const leaf = (way) => document.querySelector(`[data-leaf="${way}"]`)?.click();

// A step is read aloud only where the browser has a voice; some know of theirs only after a while.
function voice() {
  const silent = !window.speechSynthesis?.getVoices().length;
  document.querySelectorAll("[data-aloud]").forEach((button) => {
    button.hidden = silent;
  });
}
window.speechSynthesis?.addEventListener?.("voiceschanged", voice);

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-aloud]");
  if (button) {
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(button.dataset.text));
  }
});

let from = null;
document.addEventListener("pointerdown", (event) => {
  from = screen()?.dataset.place === "bench" && event.pointerType === "touch" ? { x: event.clientX, y: event.clientY } : null;
});
document.addEventListener("pointerup", (event) => {
  if (from) {
    const across = event.clientX - from.x;
    if (Math.abs(across) > 60 && Math.abs(across) > 2 * Math.abs(event.clientY - from.y)) {
      leaf(across > 0 ? "before" : "after");
    }
    from = null;
  }
});

document.addEventListener("keydown", (event) => {
  const leafing = screen()?.dataset.place === "bench" && !event.ctrlKey && !event.metaKey && !event.altKey;
  if (leafing && (event.key === "ArrowLeft" || event.key === "ArrowRight")) {
    leaf(event.key === "ArrowLeft" ? "before" : "after");
  }
});

document.addEventListener("keydown", (event) => {
  const typing = event.target.closest?.("input:not([type=radio]):not([type=checkbox]), textarea, select, dialog[open]");
  if (event.key === "b" && !event.ctrlKey && !event.metaKey && !event.altKey && !typing && singleKeys()) {
    toggle();
  }
});

document.addEventListener("DOMContentLoaded", () => {
  if (["run", "bench"].includes(screen()?.dataset.place)) {
    stayAwake();
  }
  voice();
});
document.addEventListener("htmx:afterSwap", voice);
document.addEventListener("visibilitychange", () => {
  if (document.visibilityState === "visible" && lock?.released) {
    stayAwake();
  }
});
