import { comma, read } from "./js/local.js";
import { token } from "./js/token.js";

// There before anything can be pressed. Whatever sends a form, the browser itself or the page's script, it takes along what
// stands once in the page: where the cook stands, the revision that was looked at, and the token that no other site knows.
// How this browser likes its pages is known before the first of it is drawn.
const look = /(?:^|; )ironpin-look=([a-z]+)-(\d+)/.exec(document.cookie);
if (look) {
  document.documentElement.dataset.light = look[1];
  document.documentElement.dataset.letters = look[2];
}
document.addEventListener("formdata", (event) => {
  const form = event.target;
  if (form.getAttribute("method")?.toLowerCase() !== "post") {
    return;
  }
  const data = event.formData;
  if (token()) {
    data.set("_csrf", token());
  }
  for (const field of document.getElementById("from")?.elements ?? []) {
    if (!data.has(field.name)) {
      data.set(field.name, field.value);
    }
  }
  // Numbers as this cook writes them; names and notes are left as they are.
  if (comma()) {
    for (const field of form.querySelectorAll("input.field:not(.words):not([type])")) {
      if (data.has(field.name) && !field.disabled) {
        data.set(field.name, read(field.value));
      }
    }
  }
  // What waits in line was pressed on an older page than the one that is shown when its turn comes.
  if (form.pressedOn) {
    data.set("revision", form.pressedOn);
  }
});
