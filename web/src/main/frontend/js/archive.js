// A whole kitchen is sent as it is, not as a form: a form may have two megabytes.
document.addEventListener("submit", async (event) => {
  const form = event.target;
  if (!form.matches("[data-archive]")) {
    return;
  }
  event.preventDefault();
  const said = document.getElementById("keeping-said");
  const button = form.querySelector("button");
  const file = form.elements.file.files[0];
  button.disabled = true;
  said.textContent = "Being brought in…";
  try {
    const answer = await fetch(form.action, {
      method: "POST",
      headers: { "Content-Type": "application/zip", "X-XSRF-TOKEN": new FormData(form).get("_csrf") ?? "" },
      body: file,
    });
    said.textContent = await answer.text();
  } catch {
    said.textContent = "It could not be sent. Nothing was brought in.";
  }
  button.disabled = false;
  said.scrollIntoView({ block: "nearest" });
});
