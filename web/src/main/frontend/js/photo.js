// A photo is turned upright and made small before it is sent: phones take larger ones than a kitchen keeps.
const LONGEST = 1280;

async function small(file) {
  const bitmap = await createImageBitmap(file, { imageOrientation: "from-image" });
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext("2d").drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((done) => canvas.toBlob(done, "image/jpeg", 0.85));
}

document.addEventListener("change", async (event) => {
  const input = event.target.closest?.("[data-photo]");
  if (!input?.files[0]) {
    return;
  }
  try {
    const blob = await small(input.files[0]);
    const files = new DataTransfer();
    files.items.add(new File([blob], "photo.jpg", { type: "image/jpeg" }));
    input.files = files.files;
  } catch {
    // What the browser cannot draw goes as it is, and the kitchen says why it cannot be kept.
  }
  input.form.requestSubmit();
});
