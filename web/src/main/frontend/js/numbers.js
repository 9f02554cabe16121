// Pure sums of the page, testable without one.
import { read, said } from "./local.js";

// A number as the server reads it: a comma before three digits parts thousands, any other stands for the point.
function number(text) {
  const plain = String(text).trim();
  const grouped = /^[+-]?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(plain);
  return Number.parseFloat(grouped ? plain.replaceAll(",", "") : plain.replace(",", "."));
}

// A typed number moved by so many steps, inside its range; what is no number stays as it is.
export function stepped(text, by, step, low, high, comma = false) {
  const value = number(read(text, comma));
  if (Number.isNaN(value)) {
    return text;
  }
  const next = Math.min(high, Math.max(low, value + by * step));
  return said(String(Math.round(next * 1000) / 1000), comma);
}

// Where along a picture the pointer is, as the number its scale has there, to a tenth.
export function dragged(x, left, width, scale) {
  const along = ((x - left) / width - scale.left) / (scale.right - scale.left);
  const value = scale.low + Math.min(1, Math.max(0, along)) * (scale.high - scale.low) - scale.brought;
  return Math.round(value * 10) / 10;
}

// Time left as a clock shows it; with a plus sign once it has run out.
export function clockText(milliseconds) {
  const over = milliseconds < 0;
  const seconds = Math.abs(over ? Math.floor(milliseconds / 1000) : Math.ceil(milliseconds / 1000));
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  const two = (n) => String(n).padStart(2, "0");
  const text = hours ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${two(minutes)}:${two(seconds % 60)}`;
  return over ? `+${text}` : text;
}
