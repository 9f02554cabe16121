// Pictures of a page as files of their own: what the style sheet says of each mark is written into it, so that any program draws it alike.
const SAID = [
  "fill", "fill-opacity", "stroke", "stroke-width", "stroke-opacity", "stroke-dasharray", "stroke-linecap", "stroke-linejoin",
  "paint-order", "opacity", "display", "font-family", "font-size", "font-weight", "text-anchor", "dominant-baseline",
];

function written(svg) {
  const copy = svg.cloneNode(true);
  const copies = [copy, ...copy.querySelectorAll("*")];
  [svg, ...svg.querySelectorAll("*")].forEach((one, no) => {
    const style = getComputedStyle(one);
    for (const name of SAID) {
      copies[no].style.setProperty(name, style.getPropertyValue(name));
    }
    copies[no].removeAttribute("class");
    copies[no].removeAttribute("tabindex");
  });
  const { width, height } = svg.getBoundingClientRect();
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.setAttribute("width", Math.round(width));
  copy.setAttribute("height", Math.round(height));
  return new XMLSerializer().serializeToString(copy);
}

function save(name, text) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([text], { type: "image/svg+xml" }));
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10000);
}

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-save-pictures]")) {
    const { place } = document.getElementById("screen").dataset;
    const all = [...document.querySelectorAll(".ribbon-pictures svg:not(svg svg), #content svg:not(svg svg)")];
    all
      .filter((svg) => svg.getBoundingClientRect().width > 60)
      .forEach((svg, no) => save(`${place}-${no + 1}.svg`, written(svg)));
  }
});
