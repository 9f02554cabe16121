// What the scale shows, on every open page; after a gap it is asked for anew.
import { singleKeys } from "./shortcuts.js";
import { said as local } from "./local.js";
import { units } from "./units.js";

let last = null;

// Asked for while it was still settling: taken as soon as it stands still.
let wanted = false;

function show(shown, there) {
  last = shown;
  for (const panel of document.querySelectorAll("[data-scale]")) {
    const ready = there && shown.state === "READY";
    panel.dataset.state = there ? shown.state : "GONE";
    panel.classList.toggle("settled", ready && shown.settled);
    panel.querySelector("[data-scale-mass]").textContent = ready ? local(shown.said[units()]) : "–";
    const said = !there ? "not connected to the kitchen" : ready ? (shown.settled ? "settled" : wanted ? "settling, then taken…" : "settling…") : shown.label;
    const state = panel.querySelector("[data-scale-state]");
    if (state.textContent !== said) {
      state.textContent = said;
    }
    panel.querySelector("[data-weigh]").disabled = !(ready && shown.settled && shown.grams > 0);
    panel.querySelector("[data-tare]").disabled = !ready;
    const real = panel.querySelector("[data-scale-simulated]");
    if (real) {
      real.hidden = !shown.simulated;
    }
  }
  if (wanted && (!there || shown.state !== "READY")) {
    wanted = false;
  }
  const take = document.querySelector("[data-weigh]");
  if (wanted && take && !take.disabled) {
    wanted = false;
    take.click();
  }
}

document.addEventListener("ironpin:weigh", () => {
  if (last && document.querySelector("[data-weigh]")) {
    wanted = true;
    show(last, document.getElementById("connection")?.hidden !== false);
  }
});

// How many readings were heard: an answer that was asked for before the newest of them is older than it.
let heard = 0;

async function ask() {
  if (document.querySelector("[data-scale]")) {
    const before = heard;
    const answer = await fetch("/scale");
    const shown = answer.ok ? await answer.json() : null;
    if (shown && heard === before) {
      show(shown, true);
    }
  }
}

document.addEventListener("ironpin:scale", ({ detail }) => {
  heard += 1;
  show(detail, true);
  performance.mark("ironpin-scale");
});
document.addEventListener("ironpin:lost", () => last && show(last, false));
document.addEventListener("ironpin:found", ask);
document.addEventListener("DOMContentLoaded", ask);
document.addEventListener("htmx:afterSettle", () => last && show(last, document.getElementById("connection")?.hidden !== false));

// Any key counts a piece while the pace is being counted, as long as nothing is typed and the key is no shortcut.
document.addEventListener("keydown", (event) => {
  const typing = event.target.closest?.("input, textarea, select, button, a, dialog[open]");
  const plain = !event.ctrlKey && !event.metaKey && !event.altKey && !event.repeat;
  if (plain && !typing && singleKeys() && (event.key === " " || event.key === "Enter")) {
    const tap = document.querySelector("[data-tap]");
    if (tap) {
      event.preventDefault();
      tap.click();
    }
  }
});

// Who taps, and for which job, stays as it was said on this device.
const TAPS = { person: "ironpin-tap-person", job: "ironpin-tap-job" };
function recall() {
  const person = document.querySelector("[data-person]");
  if (person && person !== document.activeElement) {
    person.value = localStorage.getItem(TAPS.person) ?? person.value;
  }
  const job = document.querySelector("[data-job]");
  if (job && job !== document.activeElement) {
    job.value = localStorage.getItem(`${TAPS.job}-${document.getElementById("screen")?.dataset.place}`) ?? job.value;
  }
}
document.addEventListener("change", (event) => {
  if (event.target.matches("[data-person]")) {
    localStorage.setItem(TAPS.person, event.target.value);
  } else if (event.target.matches("[data-job]")) {
    localStorage.setItem(`${TAPS.job}-${document.getElementById("screen")?.dataset.place}`, event.target.value);
  }
});
document.addEventListener("DOMContentLoaded", recall);
document.addEventListener("htmx:afterSettle", recall);

// A weight that was written down makes room for the next one, and so does the number of a piece.
document.addEventListener("htmx:afterRequest", (event) => {
  if (event.detail.xhr.status < 300 && ["form-weigh-typed", "form-fault"].includes(event.detail.elt?.id)) {
    const field = document.querySelector(`#${event.detail.elt.id} input.field`);
    if (field) {
      field.value = "";
    }
  }
});
