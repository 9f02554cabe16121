// What is typed into a judgement stays on this device until it is written down, whatever page is looked at in between.
const form = () => document.querySelector("form[data-draft]");

function keep(judge) {
  const typed = Object.fromEntries([...new FormData(judge)].filter(([name]) => judge.elements[name]));
  sessionStorage.setItem(judge.dataset.draft, JSON.stringify(typed));
}

function restore() {
  const judge = form();
  if (!judge) {
    return;
  }
  if (judge.dataset.saved) {
    sessionStorage.removeItem(judge.dataset.draft);
    return;
  }
  const typed = JSON.parse(sessionStorage.getItem(judge.dataset.draft) ?? "{}");
  for (const [name, value] of Object.entries(typed)) {
    for (const field of judge.querySelectorAll(`[name="${CSS.escape(name)}"]`)) {
      if (field.type === "radio") {
        field.checked = field.value === value;
      } else {
        field.value = value;
      }
    }
  }
}

document.addEventListener("input", (event) => {
  const judge = event.target.closest?.("form[data-draft]");
  if (judge) {
    keep(judge);
  }
});
document.addEventListener("DOMContentLoaded", restore);
document.addEventListener("htmx:afterSwap", restore);
