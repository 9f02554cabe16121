// Single keys are shortcuts unless somebody switched them off on this device: speech and switch input press keys by chance.
const OFF = "ironpin-single-keys-off";

export const singleKeys = () => localStorage.getItem(OFF) === null;

function show() {
  const box = document.getElementById("single-keys");
  if (box) {
    box.checked = singleKeys();
  }
}

document.addEventListener("change", (event) => {
  if (event.target.id === "single-keys") {
    if (event.target.checked) {
      localStorage.removeItem(OFF);
    } else {
      localStorage.setItem(OFF, "true");
    }
  }
});
document.addEventListener("DOMContentLoaded", show);
