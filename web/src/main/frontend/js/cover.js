// How long wrappers have lain open: kept on this device, so that it outlives a reload; rings once it has run out.
import { clockText } from "./numbers.js";

let rang = null;

function beep() {
  try {
    const sound = new AudioContext();
    const tone = sound.createOscillator();
    tone.frequency.value = 620;
    tone.connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 0.5);
  } catch {
    // A browser that has not been touched yet makes no sound: the words say it all the same.
  }
}

function show() {
  const button = document.querySelector("[data-cover]");
  if (!button) {
    return;
  }
  const end = Number(localStorage.getItem(button.dataset.coverKey));
  const said = document.querySelector("[data-cover-said]");
  button.textContent = end ? "Covered again" : "Uncovered: remind me in 6 min";
  if (!end) {
    return;
  }
  const left = end - Date.now();
  said.textContent = left > 0 ? `They lie open: ${clockText(left)} left.` : `Cover them: they skin over (${clockText(left)}).`;
  said.toggleAttribute("data-over", left <= 0);
  if (left <= 0 && rang !== end) {
    rang = end;
    beep();
  }
}

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-cover]");
  if (button) {
    const key = button.dataset.coverKey;
    if (localStorage.getItem(key)) {
      localStorage.removeItem(key);
      const said = document.querySelector("[data-cover-said]");
      said.textContent = "Covered: they keep for half an hour and more.";
      said.removeAttribute("data-over");
    } else {
      localStorage.setItem(key, String(Date.now() + 1000 * Number(button.dataset.cover)));
    }
    show();
  }
});
setInterval(show, 1000);
document.addEventListener("DOMContentLoaded", show);
document.addEventListener("htmx:afterSettle", show);
