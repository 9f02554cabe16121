// The section of a piece plays along its round: a moment is chosen, or all of them pass.
import { units } from "./units.js";

let frames = null;
let of = null;
let playing = null;

async function load(place) {
  if (of !== place.dataset.frames || !frames) {
    of = place.dataset.frames;
    const answer = await fetch(of);
    frames = answer.ok ? await answer.json() : null;
  }
  return frames;
}

function clock(seconds) {
  const whole = Math.round(seconds / 5) * 5;
  return `${Math.floor(whole / 60)} min ${whole % 60} s`;
}

// °C as it is, or °F where the page speaks so.
const degrees = (celsius) =>
  units() === "US" ? `${Math.round(celsius * 1.8 + 32)} °F` : `${Math.round(celsius)} °C`;

function show(place, at) {
  const heat = frames.heat[at];
  const parts = heat.length / 12;
  place.querySelectorAll("[data-cell]").forEach((cell) => {
    const [ring, part] = cell.dataset.cell.split("-").map(Number);
    cell.setAttribute("class", `heat-${heat[ring * parts + part]}`);
  });
  place.querySelector(".section-core").textContent = degrees(frames.core[at]);
  const svg = place.querySelector("svg");
  svg.setAttribute(
    "aria-label",
    `A piece cut across after ${clock(at * frames.seconds)}: ${degrees(frames.core[at])} where it is coldest, ${degrees(frames.skin[at])} at the skin (est.).`,
  );
  const said = document.querySelector("[data-said]");
  if (said) {
    said.textContent = clock(at * frames.seconds);
  }
}

function stop() {
  clearInterval(playing);
  playing = null;
  const button = document.querySelector("[data-play]");
  if (button) {
    button.textContent = "Play";
  }
}

document.addEventListener("click", async (event) => {
  const button = event.target.closest("[data-play]");
  const place = document.getElementById("section");
  if (!button || !place) {
    return;
  }
  if (playing) {
    stop();
    return;
  }
  const moment = document.querySelector("[data-moment]");
  if (!(await load(place))) {
    return;
  }
  if (Number(moment.value) >= Number(moment.max)) {
    moment.value = "0";
  }
  button.textContent = "Stop";
  playing = setInterval(() => {
    if (!moment.isConnected || Number(moment.value) >= Number(moment.max)) {
      stop();
      return;
    }
    moment.value = String(Number(moment.value) + 1);
    show(document.getElementById("section"), Number(moment.value));
  }, 80);
});

document.addEventListener("input", async (event) => {
  const place = document.getElementById("section");
  if (event.target.matches("[data-moment]") && place && (await load(place))) {
    show(place, Number(event.target.value));
  }
});

// Another plan has other temperatures.
document.addEventListener("htmx:afterSwap", () => {
  frames = null;
  stop();
});
