// Small things of one page.
document.addEventListener("click", (event) => {
  if (event.target.closest("[data-print]")) {
    window.print();
  }
  const open = document.querySelector("details.more[open]");
  if (open && !open.contains(event.target)) {
    open.removeAttribute("open");
  }
});
