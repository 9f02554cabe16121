// A bar of the day says what it is: to a finger, a pointer and to the arrow keys. Its words are its title.
const every = () => [...document.querySelectorAll("#day-lanes .slot")];

function say(bar) {
  every().forEach((one) => one.classList.toggle("said", one === bar));
  document.getElementById("bar-said").textContent = bar.querySelector("title").textContent;
}

document.addEventListener("pointerdown", (event) => {
  const bar = event.target.closest("#day-lanes .slot");
  if (bar) {
    say(bar);
  }
});

const steps = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
document.addEventListener("keydown", (event) => {
  if (event.target.id !== "day-lanes" || !(event.key in steps)) {
    return;
  }
  event.preventDefault();
  const bars = every();
  const at = bars.findIndex((one) => one.classList.contains("said"));
  const next = at < 0 ? 0 : Math.max(0, Math.min(bars.length - 1, at + steps[event.key]));
  say(bars[next]);
});
