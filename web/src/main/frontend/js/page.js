// Small things of one page.
// What a link holds is shown where it is opened; it is brought in only by a press.
const opens = document.querySelector("[data-opens]");
if (opens && location.hash.length > 3 && !opens.value) {
  opens.value = location.hash;
  opens.form.querySelector("button").focus();
}
const strip = document.querySelector(".stops");
if (strip && strip.scrollWidth > strip.clientWidth) {
  strip.querySelector(".here")?.scrollIntoView({ block: "nearest", inline: "center" });
}
document.addEventListener("click", (event) => {
  if (event.target.closest("[data-print]")) {
    window.print();
  }
  const open = document.querySelector("details.more[open]");
  if (open && !open.contains(event.target)) {
    open.removeAttribute("open");
  }
});
