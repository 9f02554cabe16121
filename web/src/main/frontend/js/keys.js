// Shortcuts; none fires while something is being typed.
import { singleKeys } from "./shortcuts.js";

const typing = (target) => target.closest?.("input:not([type=radio]):not([type=checkbox]), textarea, select, dialog[open]");

const press = (selector) => {
  const button = document.querySelector(selector);
  if (button && !button.disabled) {
    button.click();
  }
};

const actions = {
  w: () => document.dispatchEvent(new CustomEvent("ironpin:weigh")),
  z: () => press("[data-tare]"),
  t: () => press("[data-timer-start], [data-timer-stop]"),
  u: () => press("[data-units]"),
  n: () => press("[data-new]"),
  "/": () => document.querySelector("[data-search]")?.focus(),
  "?": () => document.getElementById("help")?.showModal(),
};

// Undo is where every program has it, and not among the single keys: a floury thumb must not take a plan back.
const undoes = (event) => (event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === "z" && !typing(event.target);

document.addEventListener("keydown", (event) => {
  if (undoes(event)) {
    event.preventDefault();
    press(event.shiftKey ? "[data-redo]" : "[data-undo]");
    return;
  }
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || !singleKeys()) {
    return;
  }
  const stop = /^[1-9]$/.test(event.key) && document.querySelector(`.stop[data-key="${event.key}"]`);
  if (stop) {
    event.preventDefault();
    stop.click();
  } else if (Object.hasOwn(actions, event.key)) {
    event.preventDefault();
    actions[event.key]();
  }
});

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-help]")) {
    actions["?"]();
  }
});
