// Small things of one page.
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
