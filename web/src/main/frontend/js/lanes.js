// A task on the lanes of the day is taken hold of and put somewhere else; the server says whether it can stay there.
import htmx from "htmx.org";

const STEP = 5;
let held = null;

document.addEventListener("pointerdown", (event) => {
  const slot = event.target.closest(".day-lanes [data-task]");
  if (slot) {
    event.preventDefault();
    const lanes = slot.closest(".day-lanes");
    const svg = lanes.querySelector("svg");
    held = { slot, lanes, from: event.clientX, unit: svg.getBoundingClientRect().width / svg.viewBox.baseVal.width, minutes: 0 };
    slot.setPointerCapture?.(event.pointerId);
  }
});

document.addEventListener("pointermove", (event) => {
  if (held) {
    const units = (event.clientX - held.from) / held.unit;
    held.minutes = Math.round((units * Number(held.lanes.dataset.perUnit)) / STEP) * STEP;
    held.slot.setAttribute("transform", `translate(${held.minutes / Number(held.lanes.dataset.perUnit)} 0)`);
  }
});

document.addEventListener("pointerup", () => {
  const put = held;
  held = null;
  if (!put || put.minutes === 0) {
    put?.slot.removeAttribute("transform");
    return;
  }
  const form = document.getElementById(put.lanes.dataset.post);
  form.elements.key.value = put.slot.dataset.task;
  form.elements.minutes.value = String(put.minutes);
  htmx.ajax("POST", form.getAttribute("action"), { source: form, target: "#screen", swap: "morph" });
});

document.addEventListener("pointercancel", () => {
  held?.slot.removeAttribute("transform");
  held = null;
});
