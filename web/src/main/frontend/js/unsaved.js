// A change that did not arrive is said where it was made; what was typed stays, and can be sent again.
const fieldOf = (form) => form.querySelector(".field, .title-field, .note-field, select, input:checked, input[type=checkbox]");

function again(form) {
  saved(form);
  const field = fieldOf(form);
  if (form.getAttribute("hx-trigger")?.includes("submit") || !field) {
    form.requestSubmit();
  } else {
    field.sent = null;
    field.dispatchEvent(new Event("change", { bubbles: true }));
  }
}

// What was typed is on this page's own shelf too, so that a page that has to be opened again still has it.
const SHELF = () => `ironpin-unsaved ${location.pathname}`;
const shelf = () => JSON.parse(sessionStorage.getItem(SHELF()) ?? "{}");

function shelve(form, value) {
  const kept = shelf();
  if (value === null) {
    delete kept[form.id];
  } else {
    kept[form.id] = value;
  }
  if (Object.keys(kept).length > 0) {
    sessionStorage.setItem(SHELF(), JSON.stringify(kept));
  } else {
    sessionStorage.removeItem(SHELF());
  }
}

function saved(form) {
  if (form.id && form.classList.contains("unsaved")) {
    shelve(form, null);
  }
  form.classList.remove("unsaved");
  form.querySelector(".unsaved-note")?.remove();
}

function failed(event) {
  const form = event.detail.elt?.closest?.("form");
  if (!form) {
    return;
  }
  saved(form);
  form.pressedOn = event.detail.requestConfig?.parameters.revision;
  const field = fieldOf(form);
  if (form.id && field && "value" in field && field.type !== "checkbox" && field.type !== "radio") {
    shelve(form, { value: field.value, on: form.pressedOn });
  }
  unsaved(form);
}

function unsaved(form) {
  form.classList.add("unsaved");
  const note = document.createElement("span");
  note.className = "field-error unsaved-note block";
  note.setAttribute("role", "alert");
  note.textContent = "Not saved. ";
  const button = document.createElement("button");
  button.type = "button";
  button.className = "chip";
  button.textContent = "Try again";
  button.addEventListener("click", () => again(form));
  note.append(button);
  form.append(note);
}

for (const name of ["htmx:sendError", "htmx:responseError", "htmx:timeout"]) {
  document.addEventListener(name, failed);
}
document.addEventListener("htmx:beforeRequest", (event) => {
  const form = event.detail.elt?.closest?.("form");
  if (form) {
    saved(form);
  }
});

function unshelve() {
  for (const [id, { value, on }] of Object.entries(shelf())) {
    const form = document.getElementById(id);
    const field = form && fieldOf(form);
    if (field && !form.classList.contains("unsaved")) {
      field.value = value;
      form.pressedOn = on;
      unsaved(form);
    }
  }
}
document.addEventListener("DOMContentLoaded", unshelve);
