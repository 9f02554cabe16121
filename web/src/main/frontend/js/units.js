// Which units the page speaks.
export const units = () => (document.querySelector("[data-units]")?.textContent.includes("oz") ? "US" : "METRIC");
