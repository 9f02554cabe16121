// Numbers are edited where they stand: Enter applies, Escape restores, arrow keys take a step.
import { comma } from "./local.js";
import { stepped } from "./numbers.js";

const changed = (field) => field.dispatchEvent(new Event("change", { bubbles: true }));

function nudge(field, by) {
  const { step, low, high } = field.dataset;
  const next = stepped(field.value, by, Number(step), Number(low), Number(high), comma());
  if (next !== field.value) {
    field.value = next;
    changed(field);
  }
}

document.addEventListener("keydown", (event) => {
  const field = event.target;
  if (!(field instanceof HTMLInputElement) || !field.matches(".field, .title-field")) {
    return;
  }
  if (event.key === "Enter" && field.form?.hasAttribute("hx-trigger")) {
    event.preventDefault();
    // What is sent as a whole is sent by Enter; a number that stands alone only if it is another.
    if (!field.form.getAttribute("hx-trigger").includes("change")) {
      field.form.requestSubmit();
    } else if (field.value !== field.defaultValue) {
      changed(field);
    }
  } else if (event.key === "Escape") {
    field.value = field.defaultValue;
    field.select?.();
  } else if (field.dataset.step && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
    event.preventDefault();
    nudge(field, (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 10 : 1));
  }
});

// Typing the same text again, or leaving after Escape, is no change.
document.addEventListener(
  "change",
  (event) => {
    const field = event.target;
    if (field instanceof HTMLInputElement && field.matches(".number .field")) {
      if (field.sent === field.value) {
        event.stopImmediatePropagation();
        return;
      }
      field.sent = field.value;
    } else if (field instanceof HTMLInputElement && field.matches(".title-field")) {
      field.sent = field.value;
    }
    const sends = field instanceof HTMLInputElement || field instanceof HTMLSelectElement;
    if (sends && field.form?.hasAttribute("hx-trigger")) {
      field.waiting = true;
    }
  },
  true,
);

// What is sent as a whole waits as a whole, with the revision it was pressed on. An undo is of whatever came last, so it follows.
document.addEventListener(
  "submit",
  (event) => {
    if (event.target.hasAttribute("hx-trigger")) {
      for (const field of event.target.elements) {
        field.waiting = true;
      }
      if (!event.target.hasAttribute("data-follows")) {
        event.target.pressedOn ??= document.querySelector("#from [name=revision]")?.value;
      }
    }
  },
  true,
);

// Its value has been read: what the answer says of it holds.
document.addEventListener("htmx:configRequest", (event) => {
  for (const field of event.target.elements ?? []) {
    field.waiting = false;
  }
  event.target.pressedOn = undefined;
});

document.addEventListener("focusin", (event) => {
  if (event.target instanceof HTMLInputElement && event.target.matches(".number .field")) {
    event.target.sent = event.target.value;
    event.target.select();
  }
});

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-step-by]");
  if (button) {
    nudge(document.getElementById(button.dataset.for), Number(button.dataset.stepBy));
  }
});
