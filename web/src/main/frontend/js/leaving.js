// A page of a day at work keeps at hand what it needs to go on without the kitchen, and does so when the kitchen is gone.
import { add, batches, flush, lineOf, whose } from "./waiting.js";
import { kitchenNow } from "./timers.js";

const PATIENCE = 5000;
const FIRST = 1000;
const SOON = 4000;
const PLACES = ["run", "bench"];

let kept = null;
let soon = null;

const screen = () => document.getElementById("screen");
const working = () => PLACES.includes(screen()?.dataset.place) && screen().dataset.batch && !document.querySelector("[data-looking]");

async function fetched() {
  const { batch } = screen().dataset;
  const answer = await fetch(`/batches/${batch}/away`, { signal: AbortSignal.timeout(PATIENCE) });
  if (!answer.ok) {
    throw new Error(`answered ${answer.status}`);
  }
  kept = { batch, text: await answer.text() };
}

/** Fetches the day when the page has come to rest, and again a little after it has changed. */
function keepSoon() {
  clearTimeout(soon);
  soon = setTimeout(() => working() && fetched().catch(() => {}), kept ? SOON : FIRST);
}

function goOn() {
  if (!working() || kept?.batch !== screen().dataset.batch) {
    return;
  }
  const page = new DOMParser().parseFromString(kept.text, "text/html");
  screen().replaceWith(document.adoptNode(page.getElementById("screen")));
  document.title = page.title;
  document.getElementById("connection")?.setAttribute("hidden", "");
  document.dispatchEvent(new Event("ironpin:away"));
}

// Whatever is answered, it is reached. Not asked through the worker, which would answer itself.
const reached = () => fetch("/manifest.webmanifest", { cache: "no-store", signal: AbortSignal.timeout(PATIENCE) });

// A stream that breaks may be back at once: only where nothing else comes either, the kitchen is gone.
let asking = false;
function lost() {
  if (working() && !asking) {
    asking = true;
    setTimeout(() => {
      asking = false;
      if (working()) {
        reached().catch(goOn);
      }
    }, 2000);
  }
}

/** A press that did not arrive waits with the others. */
function waits(event) {
  const form = event.detail.elt?.closest?.("form");
  if (!working() || kept?.batch !== screen().dataset.batch || !form) {
    return;
  }
  const { batch } = screen().dataset;
  const sent = new FormData(form);
  const key = sent.get("key");
  const title = document.getElementById("now-title")?.textContent.trim() ?? "";
  const path = form.getAttribute("action").replace(`/batches/${batch}`, "");
  const at = Math.round(kitchenNow());
  const by = whose();
  const line = form.closest(".weighed");
  if (path === "/moves") {
    add(batch, { kind: "MOVE", key, value: sent.get("press"), title, at, by });
  } else if (path === "/steps" && line) {
    add(batch, { kind: "LINE", key, value: sent.get("done"), title: lineOf(form), at, by });
  } else if (path === "/steps" && sent.get("done") === "true") {
    add(batch, { kind: "MOVE", key, value: "over", title, at, by });
  } else {
    return;
  }
  goOn();
}

document.addEventListener("DOMContentLoaded", () => {
  keepSoon();
  // What was pressed on a page that has been closed since.
  const left = batches();
  if (left.length > 0 && screen()?.dataset.place !== "away") {
    Promise.all(left.map((batch) => flush(batch))).then(
      () => document.dispatchEvent(new Event("ironpin:rang")),
      () => {},
    );
  }
});
document.addEventListener("htmx:afterSwap", keepSoon);
document.addEventListener("ironpin:lost", lost);
document.addEventListener("htmx:sendError", waits);
document.addEventListener("htmx:timeout", waits);
window.addEventListener("offline", lost);
