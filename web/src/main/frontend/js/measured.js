// What devices of open standards send, as grams and degrees Celsius. Sources: Bluetooth's Weight Scale (0x2A9D), Temperature (0x2A6E) and
// Temperature Measurement (0x2A1C, an IEEE 11073 float) characteristics.
const POUND = 453.59237;
const OUNCE = POUND / 16;

/** Grams of a weight measurement. Its step is 5 g, or 4.5 g in pounds: for bowls and flour, not for pieces. */
export function weight(view) {
  const imperial = view.getUint8(0) & 1;
  const raw = view.getUint16(1, true);
  return imperial ? raw * 0.01 * POUND : raw * 5;
}

/** Degrees Celsius of an environmental sensor; nothing where it says that it does not know. */
export function sensed(view) {
  const raw = view.getInt16(0, true);
  return raw === -32768 ? null : raw / 100;
}

/** Degrees Celsius of a health thermometer; nothing where it says that it does not know. */
export function body(view) {
  const fahrenheit = view.getUint8(0) & 1;
  const raw = view.getUint32(1, true);
  const mantissa = (raw & 0xffffff) >= 0x800000 ? (raw & 0xffffff) - 0x1000000 : raw & 0xffffff;
  const exponent = raw >> 24;
  if (mantissa >= 0x7ffffe || mantissa <= -0x7ffffe) {
    return null;
  }
  const value = mantissa * 10 ** exponent;
  return fahrenheit ? (value - 32) / 1.8 : value;
}

const LINE = /([+-])?\s*(\d+(?:[.,]\d+)?)\s*(kg|g|lb|oz)?\b/i;
const UNITS = { g: 1, kg: 1000, lb: POUND, oz: OUNCE };

/** Grams of a line that a scale wrote, and whether it calls itself settled; nothing where no number stands in it. */
export function line(text) {
  const found = LINE.exec(text);
  if (!found) {
    return null;
  }
  const [, sign, number, unit = "g"] = found;
  const grams = Number(number.replace(",", ".")) * UNITS[unit.toLowerCase()] * (sign === "-" ? -1 : 1);
  // Most scales begin a line with ST or S once they stand still, and with US, SD or S D before.
  const settled = /^\s*(ST|S)\b(?!\s+D)/i.test(text);
  return { grams: Math.round(grams * 1000) / 1000, settled };
}
