// Screens on one batch show the same: the server rings when another page changed something. One page of a browser listens
// for all of them, since a browser keeps only six connections to a server.
import htmx from "htmx.org";

const me = Math.random().toString(36).slice(2) + "p";
const screen = () => document.getElementById("screen");
const known = () => document.getElementById("kitchen-clock")?.dataset.rings;
const counts = new Map();
let connected = true;

document.addEventListener("htmx:configRequest", (event) => {
  event.detail.headers["X-Page"] = me;
});

// A form sent before this script was there shows its answer at its own address, which cannot be asked for again.
function atItsAddress() {
  const { batch, place } = screen().dataset;
  const path = `/batches/${batch}/${place}`;
  if (batch && place && place !== "away" && location.pathname !== path) {
    const asked = new URLSearchParams(new FormData(document.getElementById("from")));
    asked.delete("place");
    history.replaceState(history.state, "", `${path}?${asked}`);
  }
}

function refresh() {
  if (screen().dataset.place === "away") {
    return;
  }
  htmx.ajax("GET", location.pathname + location.search, { source: "#screen", target: "#screen", swap: "morph" });
}

function connection(there) {
  connected = there;
  const note = document.getElementById("connection");
  if (note && screen()?.dataset.place !== "away") {
    note.hidden = there;
  }
}

// After a gap, or between the page and its stream, something may have been missed.
function compare() {
  const batch = screen()?.dataset.batch;
  if (batch && String(counts.get(batch) ?? 0) !== known()) {
    refresh();
  }
}

function heard({ kind, data }) {
  if (kind === "lost") {
    connection(false);
    document.dispatchEvent(new CustomEvent("ironpin:lost"));
    return;
  }
  if (kind === "scale" || kind === "fire") {
    document.dispatchEvent(new CustomEvent(`ironpin:${kind}`, { detail: JSON.parse(data) }));
    return;
  }
  const [, batch, count, page] = /^(\d+):(\d+) ?(\w*)$/.exec(data ?? "") ?? [];
  if (kind === "changed") {
    counts.set(batch, Number(count));
    if (batch === screen()?.dataset.batch && page !== me) {
      refresh();
    }
  } else if (kind === "listening") {
    counts.clear();
    for (const [one, rings] of data.split(" ").filter(Boolean).map((pair) => pair.split(":"))) {
      counts.set(one, Number(rings));
    }
    const missed = !connected;
    connection(true);
    document.dispatchEvent(new CustomEvent("ironpin:found"));
    if (missed) {
      // A kitchen that was opened again counts from the beginning, and a page may be one that was kept.
      refresh();
    } else {
      compare();
    }
  }
}

// The kitchen beats every ten seconds. A network that is gone without a word is noticed by the silence.
const SILENCE = 25000;

function listen(tell) {
  let stream = null;
  let last = 0;
  const open = () => {
    last = Date.now();
    stream = new EventSource("/stream");
    for (const kind of ["listening", "changed", "scale", "fire", "beat"]) {
      stream.addEventListener(kind, (event) => {
        last = Date.now();
        tell({ kind, data: event.data });
      });
    }
    stream.addEventListener("error", () => tell({ kind: "lost" }));
  };
  const watch = setInterval(() => {
    if (Date.now() - last > SILENCE) {
      tell({ kind: "lost" });
      stream.close();
      open();
    }
  }, 5000);
  open();
  return {
    close: () => {
      clearInterval(watch);
      stream.close();
    },
  };
}

const state = () => [...counts].map(([batch, count]) => `${batch}:${count}`).join(" ");

// Whoever holds the lock listens and passes on what it hears; when its page closes, the next one takes over.
function shared() {
  const channel = new BroadcastChannel("ironpin-bell");
  let leading = false;
  channel.addEventListener("message", ({ data }) => {
    if (data.kind !== "hello") {
      heard(data);
    } else if (leading && connected) {
      channel.postMessage({ kind: "listening", data: state() });
    }
  });
  channel.postMessage({ kind: "hello" });
  navigator.locks.request("ironpin-stream", () => {
    leading = true;
    return new Promise(() => {
      listen((message) => {
        heard(message);
        channel.postMessage(message);
      });
    });
  });
}

// Where pages cannot agree, on a plain address in the house, only the one that is looked at listens.
function alone() {
  let stream = null;
  const look = () => {
    if (document.visibilityState === "visible") {
      stream ??= listen(heard);
    } else {
      stream?.close();
      stream = null;
    }
  };
  document.addEventListener("visibilitychange", look);
  window.addEventListener("pagehide", () => stream?.close());
  look();
}

document.addEventListener("DOMContentLoaded", () => {
  if (screen()?.dataset.batch) {
    atItsAddress();
    if (navigator.locks && window.BroadcastChannel) {
      shared();
    } else {
      alone();
    }
  }
  document.addEventListener("ironpin:rang", refresh);
});
