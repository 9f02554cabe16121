// Answers are morphed into the page, so that focus, selection and what is being typed stay where they are.
import htmx from "htmx.org";
import { Idiomorph } from "idiomorph";

htmx.defineExtension("morph", {
  isInlineSwap: (style) => style === "morph",
  handleSwap(style, target, fragment) {
    if (style !== "morph") {
      return false;
    }
    const fresh = fragment.querySelector("#" + target.id) || fragment.firstElementChild;
    return Idiomorph.morph(target, fresh, {
      morphStyle: "outerHTML",
      // Only a field in hand is spared: anything else that has the focus, a button or the page itself, follows.
      ignoreActiveValue: document.activeElement?.matches("input, select, textarea") ?? false,
      callbacks: { beforeNodeMorphed: keep },
    });
  },
});

// A field in hand keeps what is being typed in it, but what was sent from it is answered: "2 eggs" becomes its grams.
function takeAnswer(old, fresh) {
  const sent = old === document.activeElement && old.sent === old.value;
  if (sent && old.matches(".field, .title-field") && fresh.hasAttribute("value")) {
    old.value = fresh.getAttribute("value");
    old.defaultValue = old.value;
    old.sent = old.value;
  }
}

// One choice among several that is not sent yet: an earlier answer must not choose another.
function groupWaits(old) {
  return old.type === "radio" && [...(old.form?.elements ?? [])].some((one) => one.name === old.name && one.waiting);
}

// What the scale shows comes by another way, and is newer than any answer.
const SCALE = "[data-weigh], [data-tare], [data-scale-mass], [data-scale-state], [data-scale-simulated]";

// A <details> the cook has opened stays open, and a number typed but not sent yet is not overwritten by an earlier answer.
function keep(old, fresh) {
  if (old.matches?.(SCALE)) {
    return false;
  }
  if (old.matches?.("[data-scale]")) {
    fresh.classList.toggle("settled", old.classList.contains("settled"));
  }
  if (old.waiting || groupWaits(old) || old.classList?.contains("unsaved")) {
    return false;
  }
  takeAnswer(old, fresh);
  if (old.nodeName === "DETAILS" && old.open) {
    fresh.setAttribute("open", "");
  }
  return true;
}
