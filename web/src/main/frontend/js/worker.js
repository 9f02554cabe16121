// Where the browser lets this page keep things for a time without the network: on this machine, and over https.
const assets = () =>
  performance
    .getEntriesByType("resource")
    .map((one) => one.name)
    .filter((name) => new URL(name).pathname.startsWith("/assets/"));

async function begin() {
  const before = navigator.serviceWorker.controller;
  await navigator.serviceWorker.register("/worker.js", { scope: "/" });
  const ready = await navigator.serviceWorker.ready;
  if (!before) {
    ready.active.postMessage({ assets: assets(), pages: [location.href] });
  }
}

if (navigator.serviceWorker && !document.querySelector("[data-looking]")) {
  window.addEventListener("load", () => begin().catch(() => {}));
}
