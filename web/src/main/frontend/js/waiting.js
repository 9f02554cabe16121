// Presses that wait for the kitchen: kept on this device in the order they were made, sent one after the other, each under a name of
// its own, so that the kitchen takes it once however often it arrives.
import { token } from "./token.js";

const KEPT = "ironpin-meanwhile-";
const PATIENCE = 15000;

const name = () =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, "0")).join("");

/** Number of the person whose bench it is, from 0; less than that for everybody's. */
export const whose = () => Number(new URLSearchParams(location.search).get("who") ?? 0) - 1;

/** A line as it is read, for whoever is told that it was not taken. */
export const lineOf = (place) => place.textContent.trim().replace(/\s+/g, " ");

/** Those of a batch, the oldest first. */
export function waiting(batch) {
  try {
    return JSON.parse(localStorage.getItem(KEPT + batch)) ?? [];
  } catch {
    return [];
  }
}

function keep(batch, presses) {
  if (presses.length > 0) {
    localStorage.setItem(KEPT + batch, JSON.stringify(presses));
  } else {
    localStorage.removeItem(KEPT + batch);
  }
}

export function add(batch, press) {
  keep(batch, [...waiting(batch), { press: name(), by: -1, lot: 0, value: "", key: "", ...press }]);
}

/** Takes the last one back; whether there was one. */
export function takeBack(batch) {
  const presses = waiting(batch);
  keep(batch, presses.slice(0, -1));
  return presses.length > 0;
}

/** Numbers of the batches for which something waits. */
export const batches = () =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(KEPT))
    .map((key) => key.slice(KEPT.length));

async function send(batch, { title, ...press }) {
  const body = new URLSearchParams(press);
  body.set("_csrf", token());
  const answer = await fetch(`/batches/${batch}/meanwhile`, { method: "POST", body, signal: AbortSignal.timeout(PATIENCE) });
  if (answer.ok) {
    return (await answer.json()).said;
  }
  if (answer.status >= 500 || answer.status === 401 || answer.status === 403 || answer.status === 429) {
    // It may be taken later: this device may have to be let in again.
    throw new Error(`answered ${answer.status}`);
  }
  return "was not taken by the kitchen";
}

async function sendAll(batch, told) {
  const refused = [];
  for (let presses = waiting(batch); presses.length > 0; presses = waiting(batch)) {
    const [first] = presses;
    const said = await send(batch, first);
    if (said) {
      refused.push(`${first.title}: ${said}`);
    }
    keep(batch, waiting(batch).filter((one) => one.press !== first.press));
    told();
  }
  return refused;
}

/** Sends what waits, in order. @return what was not taken, in words; throws where the kitchen is not reached after all */
export function flush(batch, told = () => {}) {
  // Two pages of one browser do not send the same at once.
  return navigator.locks ? navigator.locks.request(`ironpin-meanwhile-${batch}`, () => sendAll(batch, told)) : sendAll(batch, told);
}
