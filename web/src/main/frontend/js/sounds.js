// Where sound is tried and set, on this device.
import { tryIt } from "./ring.js";
import { keep, settings } from "./sound.js";

const dialog = () => document.getElementById("sounds");
const field = (name) => dialog().querySelector(`[name="${name}"]`);

function notices() {
  const said = dialog().querySelector("[data-notices]");
  const ask = dialog().querySelector("[data-ask-notices]");
  const can = "Notification" in window && window.isSecureContext;
  const state = can ? Notification.permission : "none";
  ask.hidden = state !== "default";
  said.textContent = {
    none: "Browsers tell of a timer outside the page on secure pages only; see Devices.",
    default: "When the screen sleeps or another page is open:",
    granted: "When the screen sleeps or another page is open, the system tells of a timer that rings.",
    denied: "This browser was told not to show notices of this page; its own settings change that.",
  }[state];
}

function show() {
  const its = settings();
  for (const name of ["kind", "volume", "from", "to"]) {
    field(name).value = its[name];
  }
  field("aloud").checked = its.aloud;
  field("aloud").closest("p").hidden = !window.speechSynthesis;
  notices();
  dialog().showModal();
}

document.addEventListener("click", async (event) => {
  if (event.target.closest("[data-sounds]")) {
    show();
  } else if (event.target.closest("[data-try-sound]")) {
    tryIt();
  } else if (event.target.closest("[data-ask-notices]")) {
    await Notification.requestPermission();
    notices();
  }
});
document.addEventListener("input", (event) => {
  if (event.target.closest?.("#sounds")) {
    const { name, value, checked, type } = event.target;
    keep({ [name]: type === "checkbox" ? checked : type === "range" ? Number(value) : value });
  }
});

// Each new step, read when it comes.
let last = null;
function aloud() {
  const title = document.getElementById("now-title")?.textContent ?? document.querySelector("#screen article:not([hidden]) h1")?.textContent;
  const text = document.querySelector("[data-aloud]")?.dataset.text || title;
  if (title && last !== null && title !== last && settings().aloud && window.speechSynthesis) {
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(text));
  }
  last = title ?? last;
}
document.addEventListener("DOMContentLoaded", aloud);
document.addEventListener("htmx:afterSwap", aloud);
document.addEventListener("ironpin:drawn", aloud);
