// Sounds and flashes while something rings, on this screen, until nothing does or somebody answers.
import { quiet, settings, wave } from "./sound.js";

let sound = null;
let made = "";

function element() {
  const { kind, volume } = settings();
  if (!sound) {
    sound = document.createElement("audio");
    sound.id = "ring";
    sound.loop = true;
    document.body.append(sound);
  }
  if (made !== kind) {
    made = kind;
    sound.src = wave(kind);
  }
  sound.volume = Math.min(1, Math.max(0, volume / 100));
  return sound;
}

const now = () => new Date().toTimeString().slice(0, 5);

function play() {
  // A browser lets nothing sound before somebody has touched the page; it flashes all the same.
  element()
    .play()
    .catch(() => {});
}

function stop() {
  if (sound && !sound.paused) {
    sound.pause();
    sound.currentTime = 0;
  }
}

/** Rings, or does not any more. In quiet hours it flashes only. */
export function ring(on) {
  document.documentElement.classList.toggle("rings", on);
  if (on && !quiet(now(), settings()) && (!sound || sound.paused)) {
    play();
  } else if (!on && !trying) {
    stop();
  }
}

let trying = null;

/** As it would ring, for a moment. */
export function tryIt() {
  clearTimeout(trying);
  stop();
  play();
  trying = setTimeout(() => {
    trying = null;
    stop();
  }, 2500);
}

/** Told by the system where nobody looks at the page and it was allowed. */
export async function notice(label) {
  if (document.visibilityState === "visible" || !("Notification" in window) || Notification.permission !== "granted") {
    return;
  }
  const worker = await navigator.serviceWorker?.getRegistration();
  const how = { tag: label, renotify: true, requireInteraction: true };
  if (worker) {
    await worker.showNotification(label, how);
  } else {
    new Notification(label, how);
  }
}
