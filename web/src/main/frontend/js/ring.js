// The sound of a timer: three short strokes and a pause, over and over until somebody answers. It is made here, so that there is
// no file to fetch when the kitchen's network is slow.
const RATE = 8000;
const SECONDS = 1.6;
const STROKES = [0, 0.25, 0.5];
const STROKE = 0.16;
const TONE = 880;

function wave() {
  const samples = Math.round(RATE * SECONDS);
  const bytes = new Uint8Array(44 + samples).fill(128, 44);
  const view = new DataView(bytes.buffer);
  const text = (at, words) => [...words].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, "RIFF");
  view.setUint32(4, 36 + samples, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, RATE, true);
  view.setUint32(28, RATE, true);
  view.setUint16(32, 1, true);
  view.setUint16(34, 8, true);
  text(36, "data");
  view.setUint32(40, samples, true);
  for (let i = 0; i < samples; i += 1) {
    const at = i / RATE;
    const stroke = STROKES.find((start) => at >= start && at < start + STROKE);
    if (stroke !== undefined) {
      const fade = 1 - (at - stroke) / STROKE;
      bytes[44 + i] = 128 + Math.round(90 * fade * Math.sin(2 * Math.PI * TONE * at));
    }
  }
  return URL.createObjectURL(new Blob([bytes], { type: "audio/wav" }));
}

let sound = null;

function element() {
  if (!sound) {
    sound = document.createElement("audio");
    sound.id = "ring";
    sound.loop = true;
    sound.src = wave();
    document.body.append(sound);
  }
  return sound;
}

/** Sounds and flashes while something rings, on this screen, until nothing does. */
export function ring(on) {
  document.documentElement.classList.toggle("rings", on);
  if (on && element().paused) {
    // A browser lets nothing sound before somebody has touched the page; it flashes all the same.
    element()
      .play()
      .catch(() => {});
  } else if (!on && sound && !sound.paused) {
    sound.pause();
    sound.currentTime = 0;
  }
}
