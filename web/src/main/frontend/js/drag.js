// The pin on a picture's scale, of the hydration or a width, follows the finger; the server says at once what each place would give.
import htmx from "htmx.org";
import { Idiomorph } from "idiomorph";
import { dragged } from "./numbers.js";

let picture = null;
// Which of several handles, where a picture has more than one.
let mark = null;
let wanted = null;
let asked = null;
let busy = false;

const scaleOf = (svg) => {
  const { low, high, left, right, brought } = svg.dataset;
  return { low: +low, high: +high, left: +left, right: +right, brought: +brought };
};

function show(text) {
  const tried = new DOMParser().parseFromString(text, "text/html").getElementById("tried");
  const pictures = document.querySelectorAll("[data-tries] .picture");
  tried.querySelectorAll(":scope > .picture").forEach((fresh, i) => {
    if (pictures[i]) {
      Idiomorph.morph(pictures[i], fresh.innerHTML, { morphStyle: "innerHTML" });
    }
  });
  tried.querySelectorAll("[data-for]").forEach((span) => {
    const field = document.getElementById(span.dataset.for);
    if (field) {
      field.value = span.textContent;
    }
  });
  const says = document.querySelector(".says");
  if (says) {
    Idiomorph.morph(says, tried.querySelector(".says").outerHTML, { morphStyle: "outerHTML" });
  }
}

// One question at a time, always the newest: a slow answer never queues up behind the finger.
async function ask() {
  if (busy || !picture || wanted === asked) {
    return;
  }
  busy = true;
  asked = wanted;
  const started = performance.now();
  try {
    const answer = await fetch(`${picture.dataset.tried}&${picture.dataset.param}=${asked}${mark ? `&mark=${mark}` : ""}`);
    if (answer.ok && picture) {
      show(await answer.text());
      performance.measure("ironpin-drag", { start: started, end: performance.now() });
    }
  } finally {
    busy = false;
    ask();
  }
}

function follow(event) {
  const box = picture.getBoundingClientRect();
  wanted = dragged(event.clientX, box.left, box.width, scaleOf(picture.querySelector("svg")));
  ask();
}

document.addEventListener("pointerdown", (event) => {
  const handle = event.target.closest(".pin-handle");
  picture = handle?.closest("[data-tried]") ?? null;
  mark = handle?.dataset.mark ?? null;
  if (picture) {
    event.preventDefault();
    asked = null;
    picture.classList.add("dragging");
  }
});

document.addEventListener("pointermove", (event) => {
  if (picture) {
    follow(event);
  }
});

const letGo = () => {
  const from = picture;
  picture = null;
  if (!from) {
    return;
  }
  from.classList.remove("dragging");
  if (mark && wanted !== null) {
    const border = document.getElementById(from.dataset.post);
    htmx.ajax("POST", border.getAttribute("action"), {
      source: border,
      target: "#screen",
      swap: "morph",
      values: { mark, [from.dataset.param]: String(wanted) },
    });
    wanted = null;
    return;
  }
  const form = document.getElementById(from.dataset.field)?.form;
  if (wanted !== null && form) {
    htmx.ajax("POST", form.getAttribute("action"), {
      source: form,
      target: "#screen",
      swap: "morph",
      values: { value: String(from.dataset.whole ? Math.round(wanted) : wanted) },
    });
  }
  wanted = null;
};
document.addEventListener("pointerup", letGo);
document.addEventListener("pointercancel", letGo);
