// The page that goes on without the kitchen: one step at a time, ticks and timers kept here until they can be sent.
import { move, order, standing } from "./awayday.js";
import { read as typed, said } from "./local.js";
import { kitchenNow } from "./timers.js";
import { add, flush, lineOf, takeBack, waiting, whose } from "./waiting.js";

let day = null;
let leafed = null;
let refused = [];
let drawn = "";

const screen = () => document.querySelector('#screen[data-place="away"]');
const batch = () => screen().dataset.batch;
const words = (text) => (text ? text.split(" ") : []);
const article = (key) => screen().querySelector(`article[data-step="${CSS.escape(key)}"]`);
const button = (what) => screen().querySelector(`[data-away="${what}"]`);

function read() {
  const steps = [...screen().querySelectorAll("article[data-step]")].map((one) => ({
    key: one.dataset.step,
    title: one.dataset.title,
    after: words(one.dataset.after),
    people: words(one.dataset.people).map(Number),
    start: Number(one.dataset.start),
    hands: one.dataset.hands === "true",
    waits: one.dataset.waits === "true",
    seconds: Number(one.dataset.seconds),
    done: one.dataset.done === "true",
    spells: [...one.querySelectorAll("[data-spell]")].map((spell) => ({
      key: spell.dataset.spell,
      seconds: Number(spell.dataset.seconds),
      label: spell.dataset.label,
    })),
  }));
  const timers = [...screen().querySelectorAll("#away-timers [data-rings]")].map((one) => {
    const step = steps.find((its) => its.key === one.dataset.of);
    return {
      of: one.dataset.of,
      spell: one.dataset.spell,
      rings: Number(one.dataset.rings),
      label: step?.spells.find((spell) => spell.key === one.dataset.spell)?.label ?? step?.title ?? "",
    };
  });
  return { steps, timers };
}

function press(kind, step, more = {}) {
  add(batch(), { kind, key: step?.key ?? "", title: step?.title ?? "", by: whose(), at: Math.round(kitchenNow()), ...more });
  leafed = null;
  draw();
}

function timerItem(timer) {
  const item = document.createElement("li");
  item.className = "flex items-center gap-6";
  const left = document.createElement("span");
  left.className = "countdown font-display text-[3rem] font-extrabold leading-none";
  left.setAttribute("role", "timer");
  Object.assign(left.dataset, { ends: timer.rings, label: timer.label, timer: `${timer.of} ${timer.spell}` });
  const label = document.createElement("span");
  label.className = "flex-1 max-w-160 text-[1.2rem] leading-[1.15]";
  label.textContent = timer.label;
  item.append(left, label);
  const step = day.steps.find((one) => one.key === timer.of);
  for (const [said, pressed] of [
    ["+1 min", () => press("MINUTE", step, { value: timer.spell })],
    ["Stop", () => press("MOVE", step, { value: step.spells.length > 1 && timer.rings <= kitchenNow() ? "answer" : "over" })],
  ]) {
    const one = document.createElement("button");
    one.type = "button";
    one.className = "bench-key";
    one.textContent = said;
    one.addEventListener("click", pressed);
    item.append(one);
  }
  return item;
}

function drawTimers(timers) {
  const said = JSON.stringify(timers);
  if (said !== drawn) {
    drawn = said;
    document.getElementById("away-timers").replaceChildren(...timers.map(timerItem));
  }
}

function drawNotes() {
  const many = waiting(batch()).length;
  const note = document.getElementById("away-waiting");
  note.hidden = many === 0;
  note.textContent = many === 1 ? "1 press waits." : `${many} presses wait.`;
  const box = document.getElementById("away-refused");
  box.hidden = refused.length === 0;
  box.querySelector("ul").replaceChildren(
    ...refused.map((one) => {
      const item = document.createElement("li");
      item.textContent = one;
      return item;
    }),
  );
}

function drawStep(step, state, isNow) {
  const key = step?.key ?? "";
  for (const one of screen().querySelectorAll("article")) {
    one.hidden = step ? one.dataset.step !== key : one.id !== "away-end";
  }
  const its = step ? article(key) : document.getElementById("away-end");
  const pictures = words(its.dataset.pictures);
  for (const one of screen().querySelectorAll("[data-picture]")) {
    one.hidden = !pictures.includes(one.dataset.picture);
  }
  for (const line of its.querySelectorAll("[data-line]")) {
    const done = state.lines.get(line.dataset.line);
    if (done !== undefined) {
      line.setAttribute("aria-pressed", done);
    }
  }
  const lot = its.querySelector("[data-lot]")?.dataset.lot;
  if (lot) {
    const taps = waiting(batch()).filter((one) => one.kind === "TAP" && String(one.lot) === lot).length;
    its.querySelector("[data-tapped-count]").textContent = taps > 0 ? `${taps} meanwhile` : "";
  }
  const go = button("press");
  go.hidden = !step || !isNow;
  if (step) {
    const sent = move(step, state, kitchenNow());
    go.textContent = its.dataset[{ start: "starting", answer: "answering", over: "ending" }[sent]];
    screen().querySelector("[data-aloud]").dataset.text = its.dataset.aloudText;
  }
}

function draw() {
  const now = kitchenNow();
  const state = standing(day, waiting(batch()), now);
  const todo = order(day, state, whose(), now);
  const at = day.steps.find((step) => step.key === leafed);
  const step = at ?? todo[0];
  const isNow = Boolean(step) && todo.includes(step) && (!at || at === todo[0]);
  drawTimers(state.timers);
  drawStep(step, state, isNow);
  drawNotes();
  const then = isNow ? todo.find((one) => one !== step) : null;
  document.getElementById("away-then").textContent = then ? `Then: ${then.title}` : "";
  button("back").hidden = waiting(batch()).length === 0;
  button("now").hidden = !at || at === todo[0];
  const place = day.steps.indexOf(step);
  button("before").hidden = place <= 0;
  button("after").hidden = place < 0 || place + 1 >= day.steps.length;
  document.dispatchEvent(new Event("ironpin:drawn"));
  return { state, todo, step, place };
}

const doings = {
  press: () => {
    const { step, state } = draw();
    press("MOVE", step, { value: move(step, state, kitchenNow()) });
  },
  back: () => {
    takeBack(batch());
    draw();
  },
  now: () => {
    leafed = null;
    draw();
  },
  before: () => {
    leafed = day.steps[draw().place - 1]?.key;
    draw();
  },
  after: () => {
    leafed = day.steps[draw().place + 1]?.key;
    draw();
  },
};

// A second tap of the same finger was meant for the step that stood there before.
let last = 0;

document.addEventListener("click", (event) => {
  if (!screen()) {
    return;
  }
  const what = event.target.closest("[data-away]")?.dataset.away;
  const line = event.target.closest("[data-line]");
  const tapped = event.target.closest("[data-tapped]");
  if (what && !(what === "press" && Date.now() - last < 600)) {
    last = what === "press" ? Date.now() : last;
    doings[what]();
  } else if (line) {
    const done = line.getAttribute("aria-pressed") !== "true";
    press("LINE", null, { key: line.dataset.line, value: String(done), title: lineOf(line) });
  } else if (tapped) {
    press("TAP", null, { lot: Number(tapped.form.dataset.lot), title: "One more shaped" });
  } else if (event.target.id === "away-seen") {
    refused = [];
    leave();
  }
});
document.addEventListener("submit", (event) => {
  const form = event.target.closest?.(".away-weigh");
  if (form) {
    event.preventDefault();
    const value = typed(form.elements.grams.value.trim());
    press("WEIGHED", null, { lot: Number(form.dataset.lot), value, title: `Filling of one, ${value}` });
    form.querySelector("[data-weighed-said]").textContent = `${said(value)} is written down.`;
    form.reset();
  }
});

function leave() {
  location.replace(`/batches/${batch()}/bench${location.search}`);
}

/** The kitchen is back: what waits is sent, and the page becomes one of its own again. */
async function back() {
  if (!screen()) {
    return;
  }
  try {
    refused.push(...(await flush(batch(), drawNotes)));
  } catch {
    return;
  }
  drawNotes();
  if (refused.length === 0) {
    leave();
  }
}

function begin() {
  if (screen()) {
    day = read();
    drawn = "";
    draw();
  }
}

document.addEventListener("DOMContentLoaded", begin);
document.addEventListener("ironpin:away", begin);
document.addEventListener("ironpin:found", back);
document.addEventListener("ironpin:rang", () => screen() && draw());
