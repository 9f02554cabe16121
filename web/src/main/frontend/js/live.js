// Two screens on one batch show the same: the server rings when another page changed something.
import htmx from "htmx.org";

const me = Math.random().toString(36).slice(2) + "p";
const screen = () => document.getElementById("screen");

document.addEventListener("htmx:configRequest", (event) => {
  event.detail.headers["X-Page"] = me;
});

function refresh() {
  htmx.ajax("GET", location.pathname + location.search, { source: "#screen", target: "#screen", swap: "morph" });
}

document.addEventListener("DOMContentLoaded", () => {
  const batch = screen()?.dataset.batch;
  if (!batch) {
    return;
  }
  let lost = false;
  const stream = new EventSource(`/batches/${batch}/stream`);
  stream.addEventListener("changed", (event) => {
    if (event.data !== me) {
      refresh();
    }
  });
  stream.addEventListener("error", () => {
    lost = true;
  });
  // After a gap, or between the page and its stream, something may have been missed.
  stream.addEventListener("listening", (event) => {
    const known = document.getElementById("kitchen-clock")?.dataset.rings;
    if (lost || event.data !== known) {
      lost = false;
      refresh();
    }
  });
  document.addEventListener("ironpin:rang", refresh);
  window.addEventListener("pagehide", () => stream.close());
});
