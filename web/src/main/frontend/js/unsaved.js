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

function saved(form) {
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
