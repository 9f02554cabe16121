// Practice: things drawn at this screen's true size, and pleats closed to a beat.
const PER_MM = "ironpin-px-per-mm";
const USUAL = 96 / 25.4;

const perMm = () => Number(localStorage.getItem(PER_MM)) || USUAL;
const one = (selector) => document.querySelector(selector);

function gauge() {
  const shape = one("[data-gauge-shape]");
  if (!shape) {
    return;
  }
  const coin = one("[data-gauge]:checked").value === "coin";
  const typed = Number.parseFloat(one("[data-coin]").value.replace(",", "."));
  const mm = coin ? Math.min(60, Math.max(10, typed || 24)) : 85.6;
  shape.style.width = `${mm * perMm()}px`;
  shape.style.height = `${(coin ? mm : 53.98) * perMm()}px`;
  shape.style.borderRadius = coin ? "50%" : `${3.2 * perMm()}px`;
  one("[data-per-mm]").value = perMm();
  one("[data-gauge-said]").textContent = localStorage.getItem(PER_MM)
    ? "Checked on this screen: what is drawn to be guessed has its true size."
    : "Not checked on this screen: sizes may be off.";
  for (const drill of document.querySelectorAll("[data-drill-mm]")) {
    const svg = drill.querySelector("svg");
    svg.style.width = `${Number(drill.dataset.drillMm) * perMm()}px`;
    svg.style.maxWidth = "none";
  }
}

document.addEventListener("input", (event) => {
  if (event.target.matches("[data-per-mm]")) {
    localStorage.setItem(PER_MM, event.target.value);
    gauge();
  } else if (event.target.matches("[data-coin], [data-gauge]")) {
    gauge();
  }
});

let beat = null;

function rim(count, closed, now) {
  const svg = one("[data-beat-rim]");
  const parts = [`<circle cx="150" cy="150" r="118" class="dough-pale"/>`];
  for (let i = 0; i < count; i++) {
    const angle = 2 * Math.PI * i / count - Math.PI / 2;
    const place = (r) => `${(150 + r * Math.cos(angle)).toFixed(1)} ${(150 + r * Math.sin(angle)).toFixed(1)}`;
    const kind = i < closed ? "stroke-ink stroke-3" : i === now ? "stroke-stop stroke-8" : "stroke-quiet stroke-2";
    parts.push(`<path d="M${place(i < closed ? 40 : 96)} L${place(132)}" class="${kind}"/>`);
  }
  svg.innerHTML = parts.join("");
}

function tick() {
  if (!one("[data-beat-sound]").checked) {
    return;
  }
  beat.sound ??= new AudioContext();
  const tone = beat.sound.createOscillator();
  const loud = beat.sound.createGain();
  loud.gain.value = 0.15;
  tone.frequency.value = 880;
  tone.connect(loud).connect(beat.sound.destination);
  tone.start();
  tone.stop(beat.sound.currentTime + 0.05);
}

function said() {
  const gaps = beat.taps.slice(1).map((at, i) => at - beat.taps[i]);
  if (gaps.length < 2) {
    return "Two more taps, and your beat is known.";
  }
  const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
  const spread = Math.sqrt(gaps.reduce((sum, gap) => sum + (gap - mean) ** 2, 0) / (gaps.length - 1));
  const off = mean - beat.every;
  const how = Math.abs(off) < 0.03 * beat.every ? "with the beat" : off > 0 ? "slower than the beat" : "faster than the beat";
  return `${beat.taps.length} of ${beat.count} closed: one every ${(mean / 1000).toFixed(2)} s, spread ±${Math.round(100 * spread / mean)} %, ${how}.`;
}

function start() {
  clearInterval(beat?.timer);
  const count = Number(one("[data-beat-fold]").value);
  const typed = Number.parseFloat(one("[data-beat-seconds]").value.replace(",", "."));
  const seconds = Math.min(20, Math.max(0.3, typed || 1.5));
  one("[data-beat-seconds]").value = String(seconds);
  beat = { count, every: 1000 * seconds, taps: [], at: -1, sound: beat?.sound };
  one("[data-beat-tap]").disabled = false;
  one("[data-beat-start]").textContent = "Start again";
  beat.timer = setInterval(() => {
    beat.at += 1;
    if (beat.at >= count + 2) {
      clearInterval(beat.timer);
      return;
    }
    tick();
    rim(count, beat.taps.length, beat.at);
  }, beat.every);
  rim(count, 0, 0);
}

function tap() {
  if (!beat || beat.taps.length >= beat.count) {
    return;
  }
  beat.taps.push(performance.now());
  rim(beat.count, beat.taps.length, beat.at);
  one("[data-beat-said]").textContent = said();
  if (beat.taps.length === beat.count) {
    clearInterval(beat.timer);
    one("[data-beat-tap]").disabled = true;
  }
}

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-beat-start]")) {
    start();
  } else if (event.target.closest("[data-beat-tap]")) {
    tap();
  }
});
document.addEventListener("keydown", (event) => {
  const typing = event.target.closest?.("input, textarea, select, button, a");
  if (event.key === " " && !typing && !event.repeat && beat && one("[data-beat-tap]") && !one("[data-beat-tap]").disabled) {
    event.preventDefault();
    tap();
  }
});
document.addEventListener("change", (event) => {
  if (event.target.matches("[data-beat-fold]")) {
    rim(Number(event.target.value), 0, -1);
  }
});
document.addEventListener("DOMContentLoaded", () => {
  gauge();
  if (one("[data-beat-rim]")) {
    rim(Number(one("[data-beat-fold]").value), 0, -1);
  }
});
