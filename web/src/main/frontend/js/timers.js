// Timers live on the server; the page only counts down to their ends by the server's clock.
import { clockText } from "./numbers.js";
import { notice, ring } from "./ring.js";

const OFFSET = "ironpin-clock";
// A page that was kept for a time without the kitchen knows the difference of the clocks from when there was one.
let offset = Number(localStorage.getItem(OFFSET) ?? 0);
const rung = new Set();
const SEEN = 30000;
const since = (ends) => {
  const twelve = document.documentElement.dataset.hours === "12";
  return new Date(ends).toLocaleTimeString(twelve ? "en-US" : "en-GB", { hour: twelve ? "numeric" : "2-digit", minute: "2-digit" });
};

function readClock() {
  const now = Number(document.getElementById("kitchen-clock")?.dataset.now);
  if (now) {
    offset = now - Date.now();
    localStorage.setItem(OFFSET, String(offset));
  }
}

/** The kitchen's time, in milliseconds. */
export const kitchenNow = () => Date.now() + offset;

function tick() {
  let next = Infinity;
  let ringing = false;
  document.querySelectorAll("[data-ends]").forEach((timer) => {
    const left = Number(timer.dataset.ends) - kitchenNow();
    timer.textContent = clockText(left);
    timer.classList.toggle("ringing", left <= 0);
    if (left > 0) {
      next = Math.min(next, left);
      return;
    }
    ringing = true;
    if (left < -SEEN && !timer.dataset.since) {
      // Nobody saw it: how long ago it was is not enough to act on.
      timer.dataset.since = since(Number(timer.dataset.ends));
    }
    if (!rung.has(timer.dataset.timer)) {
      rung.add(timer.dataset.timer);
      if (left > -60000) {
        notice(timer.dataset.label).catch(() => {});
      }
      if (left > -10000) {
        // What has run its time may be the next thing to do.
        document.dispatchEvent(new Event("ironpin:rang"));
      }
    }
  });
  ring(ringing);
  const plain = document.title.replace(/^[\d:+]+ · /, "");
  document.title = next < Infinity ? `${clockText(next)} · ${plain}` : plain;
}

readClock();
document.addEventListener("ironpin:drawn", tick);
document.addEventListener("htmx:afterSwap", () => {
  readClock();
  tick();
});
document.addEventListener("DOMContentLoaded", () => {
  readClock();
  tick();
  setInterval(tick, 250);
});
