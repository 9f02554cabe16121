// A list does not act while it is being looked through: arrow keys and letters choose, Enter or leaving it applies.
const acts = (target) => target instanceof HTMLSelectElement && target.form?.hasAttribute("hx-trigger");
const BROWSES = /^(Arrow(Up|Down|Left|Right)|Home|End|PageUp|PageDown|.)$/;

function apply(list) {
  list.browsing = false;
  if (list.chosen) {
    list.chosen = false;
    list.dispatchEvent(new Event("change", { bubbles: true }));
  }
}

document.addEventListener("keydown", (event) => {
  const list = event.target;
  if (!acts(list) || event.ctrlKey || event.metaKey || event.altKey) {
    return;
  }
  if (event.key === "Enter") {
    event.preventDefault();
    apply(list);
  } else if (event.key === "Escape" && list.chosen) {
    list.chosen = false;
    [...list.options].forEach((option) => {
      option.selected = option.defaultSelected;
    });
  } else if (BROWSES.test(event.key)) {
    list.browsing = true;
  }
});

document.addEventListener("pointerdown", (event) => {
  if (acts(event.target)) {
    event.target.browsing = false;
  }
});

document.addEventListener(
  "change",
  (event) => {
    if (acts(event.target) && event.target.browsing) {
      event.target.chosen = true;
      event.stopImmediatePropagation();
    }
  },
  true,
);

document.addEventListener("focusout", (event) => {
  if (acts(event.target)) {
    apply(event.target);
  }
});
