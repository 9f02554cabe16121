// Timers live on the server; the page only counts down to their ends by the server's clock.
import { clockText } from "./numbers.js";

let offset = 0;
const rung = new Set();

function readClock() {
  const now = Number(document.getElementById("kitchen-clock")?.dataset.now);
  if (now) {
    offset = now - Date.now();
  }
}

function beep() {
  const Sound = window.AudioContext;
  if (!Sound) {
    return;
  }
  const sound = new Sound();
  [0, 0.25, 0.5].forEach((at) => {
    const tone = sound.createOscillator();
    const gain = sound.createGain();
    tone.frequency.value = 880;
    gain.gain.value = 0.2;
    tone.connect(gain).connect(sound.destination);
    tone.start(sound.currentTime + at);
    tone.stop(sound.currentTime + at + 0.15);
  });
}

function tick() {
  let next = Infinity;
  document.querySelectorAll("[data-ends]").forEach((timer) => {
    const left = Number(timer.dataset.ends) - (Date.now() + offset);
    timer.textContent = clockText(left);
    timer.classList.toggle("ringing", left <= 0);
    if (left > 0) {
      next = Math.min(next, left);
    } else if (!rung.has(timer.dataset.timer)) {
      rung.add(timer.dataset.timer);
      if (left > -10000) {
        beep();
        // What has run its time may be the next thing to do.
        document.dispatchEvent(new Event("ironpin:rang"));
      }
    }
  });
  const plain = document.title.replace(/^[\d:+]+ · /, "");
  document.title = next < Infinity ? `${clockText(next)} · ${plain}` : plain;
}

readClock();
document.addEventListener("htmx:afterSwap", () => {
  readClock();
  tick();
});
document.addEventListener("DOMContentLoaded", () => {
  readClock();
  tick();
  setInterval(tick, 250);
});
