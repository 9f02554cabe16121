// Where the focus goes when what had it is gone: to the nearest thing around it that is still there, never to the top of the page.
const NEXT = "ironpin-focus";
let around = [];

function rememberAround() {
  around = [];
  for (let one = document.activeElement; one && one !== document.body; one = one.parentElement) {
    const name = one.getAttribute("aria-labelledby")?.split(" ")[0] ?? one.id;
    if (name) {
      around.push(name);
    }
  }
}

function stay(id) {
  const place = document.getElementById(id);
  if (!place) {
    return false;
  }
  if (!place.matches("a[href], button, input, select, textarea, [tabindex]")) {
    place.setAttribute("tabindex", "-1");
  }
  place.focus({ preventScroll: true });
  return document.activeElement === place;
}

document.addEventListener("htmx:beforeSwap", rememberAround);
document.addEventListener("htmx:afterSwap", () => {
  const lost = !document.activeElement || document.activeElement === document.body;
  if (lost) {
    around.some(stay);
  }
});

// A press that leads to another page goes on in its middle.
document.addEventListener("submit", (event) => {
  if (event.target.hasAttribute("data-goes-on")) {
    sessionStorage.setItem(NEXT, "content");
  }
});
document.addEventListener("DOMContentLoaded", () => {
  const next = sessionStorage.getItem(NEXT);
  sessionStorage.removeItem(NEXT);
  if (next) {
    stay(next);
  }
});
