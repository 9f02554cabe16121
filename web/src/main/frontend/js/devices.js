// Scales and thermometers of open standards, read by this page where the browser lets it, and posted to the ports behind which simulated ones
// stand otherwise. A device that is lost is looked for until it is back.
import { body, line, sensed, weight } from "./measured.js";

const AGAIN = 3000;
const BAUD = 9600;

const said = { scale: "", probe: "" };

function say(kind, text) {
  said[kind] = text;
  show();
}

const CAN = {
  "scale-radio": () => "bluetooth" in navigator,
  "scale-cable": () => "serial" in navigator,
  "probe-radio": () => "bluetooth" in navigator,
};

function show() {
  for (const button of document.querySelectorAll("[data-connect]")) {
    button.hidden = !CAN[button.dataset.connect]() || said[button.dataset.connect.split("-")[0]].startsWith("Reads");
  }
  for (const place of document.querySelectorAll("[data-connected]")) {
    const text = said[place.dataset.connected];
    if (place.textContent !== text) {
      place.textContent = text;
    }
  }
}

// A device says something when it changes; while it is connected, what it said last holds.
const HOLDS = 2000;
const OFTEN = 200;
const last = {};
setInterval(() => Object.entries(last).forEach(([kind, { reading }]) => send(kind, reading)), HOLDS);

function post(kind, reading) {
  const before = last[kind];
  if (!before || Date.now() - before.at >= OFTEN || before.reading.settled !== reading.settled) {
    last[kind] = { reading, at: Date.now() };
    send(kind, reading);
  }
}

function send(kind, reading) {
  fetch(`/api/v1/${kind}/readings`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(reading),
  }).catch(() => {});
}

const grams = (view) => ({ grams: weight(view) });
const celsius = (read) => (view) => {
  const value = read(view);
  return value === null ? null : { celsius: value };
};

// By service: its characteristic, and how it is read.
const SERVICES = {
  scale: { weight_scale: ["weight_measurement", grams] },
  probe: {
    environmental_sensing: ["temperature", celsius(sensed)],
    health_thermometer: ["temperature_measurement", celsius(body)],
  },
};

async function listen(kind, device) {
  const server = await device.gatt.connect();
  for (const [name, [what, read]] of Object.entries(SERVICES[kind])) {
    let characteristic;
    try {
      characteristic = await (await server.getPrimaryService(name)).getCharacteristic(what);
    } catch {
      continue;
    }
    characteristic.addEventListener("characteristicvaluechanged", (event) => {
      const reading = read(event.target.value);
      if (reading) {
        post(kind, reading);
      }
    });
    await characteristic.startNotifications();
    say(kind, `Reads ${device.name || "it"}.`);
    return;
  }
  throw new Error("it says neither weight nor temperature");
}

async function radio(kind) {
  const filters = Object.keys(SERVICES[kind]).map((service) => ({ services: [service] }));
  const device = await navigator.bluetooth.requestDevice({ filters });
  const back = () => listen(kind, device).catch(() => setTimeout(back, AGAIN));
  device.addEventListener("gattserverdisconnected", () => {
    delete last[kind];
    say(kind, `${device.name || "It"} is lost; it is looked for.`);
    setTimeout(back, AGAIN);
  });
  await listen(kind, device);
}

async function lines(port) {
  const reader = port.readable.pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (;;) {
    const { value, done } = await reader.read();
    if (done) {
      return;
    }
    const all = (rest + value).split(/[\r\n]+/);
    rest = all.pop().slice(-200);
    all.map(line).filter(Boolean).forEach((reading) => post("scale", reading));
  }
}

async function cable() {
  const port = await navigator.serial.requestPort();
  const open = async () => {
    await port.open({ baudRate: BAUD });
    say("scale", "Reads the scale on the cable.");
    await lines(port).catch(() => {});
    delete last.scale;
    say("scale", "The scale on the cable is lost; it is looked for.");
    await port.close().catch(() => {});
    setTimeout(back, AGAIN);
  };
  const back = () => open().catch(() => setTimeout(back, AGAIN));
  await open();
}

document.addEventListener("click", async (event) => {
  const how = event.target.closest("[data-connect]")?.dataset.connect;
  if (!how) {
    return;
  }
  const kind = how.split("-")[0];
  try {
    await (how === "scale-cable" ? cable() : radio(kind));
  } catch (trouble) {
    // Whoever chose none has said so.
    say(kind, trouble.name === "NotFoundError" ? "" : `Not connected: ${trouble.message || "it does not answer"}.`);
  }
});
document.addEventListener("DOMContentLoaded", show);
document.addEventListener("htmx:afterSwap", show);
