// Numbers as this browser's cook writes them. The kitchen reads and writes them with a point and with commas between thousands.
export const comma = () => document.documentElement.dataset.numbers === "comma";

const WRITTEN = /(?<![\w.,:])(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+\.\d+)(?![.,]?\w)/g;
// Groups with their thousands apart, or a comma before parts.
const TYPED = /(?<![\w.,])(?:(\d{1,3}(?:[.\u00a0\u202f ]\d{3})+)(?:,(\d+))?|(\d+),(\d+))(?![.,]?\d)/g;

/** A text of the kitchen, for this cook. */
export const said = (text, hasComma = comma()) =>
  hasComma ? text.replace(WRITTEN, (one) => one.replace(/[.,]/g, (mark) => (mark === "." ? "," : "."))) : text;

function plain(_, grouped, behind, whole, parts) {
  if (grouped) {
    return grouped.replace(/[^\d]/g, ",") + (behind ? `.${behind}` : "");
  }
  // The kitchen would take a point before three digits for a mark between thousands, and asks about it: four say parts.
  return `${whole}.${parts}${parts.length === 3 ? "0" : ""}`;
}

/** What this cook typed, for the kitchen: "1.200" is twelve hundred to them, "1,5" one and a half. */
export const read = (text, hasComma = comma()) => (hasComma ? text.replace(TYPED, plain) : text);
