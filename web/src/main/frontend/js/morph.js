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
      ignoreActiveValue: true,
      callbacks: { beforeNodeMorphed: keep },
    });
  },
});

// A <details> the cook has opened stays open, and a number typed but not sent yet is not overwritten by an earlier answer.
function keep(old, fresh) {
  if (old.waiting) {
    return false;
  }
  if (old.nodeName === "DETAILS" && old.open) {
    fresh.setAttribute("open", "");
  }
  return true;
}
