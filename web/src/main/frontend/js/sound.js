// How this device rings: which sound, how loud, and when not at all. Kept here, since every device stands somewhere else.
const KEPT = "ironpin-sound";
const USUAL = { kind: "strokes", volume: 80, aloud: false, from: "", to: "" };

// Made here, so that there is no file to fetch when the kitchen's network is slow. Times in seconds, tones in hertz.
export const KINDS = {
  strokes: { tones: [880], starts: [0, 0.25, 0.5], length: 0.16, every: 1.6 },
  low: { tones: [330, 262], starts: [0, 0.45], length: 0.38, every: 1.8 },
  bell: { tones: [1568, 1175], starts: [0, 0.02], length: 1.1, every: 2.2 },
  none: { tones: [], starts: [], length: 0, every: 1 },
};

export function settings() {
  try {
    return { ...USUAL, ...JSON.parse(localStorage.getItem(KEPT)) };
  } catch {
    return { ...USUAL };
  }
}

export function keep(change) {
  localStorage.setItem(KEPT, JSON.stringify({ ...settings(), ...change }));
}

/** Whether it is between these hours, as in "22:00" and "07:00"; never where one is not said. */
export function quiet(now, { from, to }) {
  if (!from || !to || from === to) {
    return false;
  }
  return from < to ? now >= from && now < to : now >= from || now < to;
}

const RATE = 16000;

/** One round of the sound as samples between -1 and 1. */
export function samples(kind) {
  const { tones, starts, length, every } = KINDS[kind] ?? KINDS.strokes;
  const out = new Float32Array(Math.round(RATE * every));
  starts.forEach((start, no) => {
    const tone = tones[no % tones.length];
    for (let i = 0; i < length * RATE; i += 1) {
      const at = Math.round(start * RATE) + i;
      if (at < out.length) {
        out[at] += (0.7 / (kind === "bell" ? 2 : 1)) * (1 - i / (length * RATE)) * Math.sin((2 * Math.PI * tone * i) / RATE);
      }
    }
  });
  return out;
}

/** The same as a file of its own. */
export function wave(kind) {
  const sound = samples(kind);
  const bytes = new Uint8Array(44 + sound.length);
  const view = new DataView(bytes.buffer);
  const text = (at, words) => [...words].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, "RIFF");
  view.setUint32(4, 36 + sound.length, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, RATE, true);
  view.setUint32(28, RATE, true);
  view.setUint16(32, 1, true);
  view.setUint16(34, 8, true);
  text(36, "data");
  view.setUint32(40, sound.length, true);
  sound.forEach((value, i) => {
    bytes[44 + i] = 128 + Math.round(127 * Math.max(-1, Math.min(1, value)));
  });
  return URL.createObjectURL(new Blob([bytes], { type: "audio/wav" }));
}
