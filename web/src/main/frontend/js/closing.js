// How a fold moves: the server hands out the surfaces at even moments, and this draws them, filling in between. Every pixel keeps
// the nearest surface, so that what lies under something is under it.
const FINE = 50;
const MOMENTS = 10;
const STEP_MS = 1900;
const PAUSE_MS = 500;
const LIGHT = [-0.37, -0.47, 0.8];
const LEFT = "ironpin-left-handed";

const still = () => matchMedia("(prefers-reduced-motion: reduce)").matches;
const leftHanded = () => localStorage.getItem(LEFT) !== null;
const players = new WeakMap();

// The colours of the pictures beside it, light or dark.
function toneOf(canvas, name) {
  const probe = document.createElement("span");
  probe.className = canvas.dataset[`tone${name}`];
  canvas.parentElement.append(probe);
  const rgb = getComputedStyle(probe).fill.match(/[\d.]+/g).slice(0, 3).map(Number);
  probe.remove();
  return rgb;
}

function layout(canvas) {
  let at = 0;
  return canvas.dataset.patches.split(" ").map((text) => {
    const [name, size] = text.split(":");
    const [rows, columns] = size.split("x").map(Number);
    const patch = { rows, columns, from: at, tone: toneOf(canvas, name[0] + name.slice(1).toLowerCase()) };
    at += rows * columns;
    return patch;
  });
}

class Player {
  constructor(canvas) {
    this.canvas = canvas;
    this.steps = Number(canvas.dataset.steps);
    this.patches = layout(canvas);
    this.count = this.patches.reduce((sum, one) => sum + one.rows * one.columns, 0);
    this.turn = 0;
    this.at = 0;
    this.playing = false;
    this.paint = canvas.getContext("2d");
    this.image = this.paint.createImageData(canvas.width, canvas.height);
    this.pixels = new Uint32Array(this.image.data.buffer);
    this.depth = new Float32Array(this.pixels.length);
    this.points = new Float32Array(this.count * 3);
  }

  async load() {
    const answer = await fetch(this.canvas.dataset.closing);
    this.frames = new Int16Array(await answer.arrayBuffer());
    this.reaches = [];
    for (let f = 0; f <= this.steps * MOMENTS; f++) {
      let reach = 1;
      for (let i = f * this.count * 3, end = i + this.count * 3; i < end; i += 3) {
        reach = Math.max(reach, Math.abs(this.frames[i]), 1.1 * Math.abs(this.frames[i + 1]), 1.1 * this.frames[i + 2]);
      }
      this.reaches.push(reach / FINE);
    }
    this.show(still() ? 1 : 0);
    if (!still()) {
      this.play();
    }
  }

  // The points at a moment, turned to the viewer: across, up and near.
  place(at) {
    const frame = Math.min(this.steps * MOMENTS - 1e-6, Math.max(0, at * MOMENTS));
    const f = Math.floor(frame);
    const t = frame - f;
    const a = f * this.count * 3;
    const b = a + this.count * 3;
    const reach = this.reaches[f] * (1 - t) + this.reaches[f + 1] * t;
    const scale = Math.min(this.canvas.width * 0.47 / reach, this.canvas.height * 0.72 / reach, this.canvas.width / 90);
    const hand = leftHanded() ? -1 : 1;
    const [cosT, sinT] = [Math.cos(this.turn), Math.sin(this.turn)];
    const [cosE, sinE] = [Math.cos(0.73), Math.sin(0.73)];
    const { frames, points } = this;
    this.normals = { cosT, sinT, cosE, sinE };
    this.scale = scale;
    const middleX = this.canvas.width / 2;
    const middleY = this.canvas.height * 0.62;
    for (let i = 0; i < this.count * 3; i += 3) {
      const x0 = hand * (frames[a + i] * (1 - t) + frames[b + i] * t) / FINE;
      const y0 = (frames[a + i + 1] * (1 - t) + frames[b + i + 1] * t) / FINE;
      const z = (frames[a + i + 2] * (1 - t) + frames[b + i + 2] * t) / FINE;
      const x = x0 * cosT - y0 * sinT;
      const y = x0 * sinT + y0 * cosT;
      points[i] = middleX + x * scale;
      points[i + 1] = middleY - (y * sinE + z * cosE) * scale;
      points[i + 2] = (z * sinE - y * cosE) * scale;
    }
  }

  show(at) {
    this.at = at;
    this.place(at);
    this.pixels.fill(0);
    this.depth.fill(-1e9);
    for (const patch of this.patches) {
      for (let row = 0; row + 1 < patch.rows; row++) {
        for (let column = 0; column + 1 < patch.columns; column++) {
          const p = 3 * (patch.from + row * patch.columns + column);
          const below = p + 3 * patch.columns;
          this.quad(p, p + 3, below + 3, below, patch.tone);
        }
      }
    }
    this.paint.putImageData(this.image, 0, 0);
    this.bar();
    // At rest it shows the end of a step: that one is marked.
    const step = Math.max(0, Math.ceil(at - 1e-6) - 1);
    if (step !== this.step) {
      this.step = step;
      const section = this.canvas.closest(".closing");
      section.querySelectorAll("[data-step]").forEach((one, i) => {
        if (i === step) {
          one.setAttribute("aria-current", "step");
        } else {
          one.removeAttribute("aria-current");
        }
      });
    }
  }

  quad(a, b, c, d, tone) {
    const { points } = this;
    const ux = points[c] - points[a];
    const uy = points[c + 1] - points[a + 1];
    const uz = points[c + 2] - points[a + 2];
    const vx = points[d] - points[b];
    const vy = points[d + 1] - points[b + 1];
    const vz = points[d + 2] - points[b + 2];
    let nx = uy * vz - uz * vy;
    let ny = uz * vx - ux * vz;
    let nz = ux * vy - uy * vx;
    const length = Math.hypot(nx, ny, nz);
    if (length < 1e-6) {
      return;
    }
    const side = nz < 0 ? -1 : 1;
    nx *= side / length;
    ny *= side / length;
    nz *= side / length;
    // Screen: y runs down. The light stands up on the left, towards the viewer.
    const bright = 0.5 + 0.5 * Math.max(0, nx * LIGHT[0] + ny * LIGHT[1] + nz * LIGHT[2]);
    const colour = 0xff000000 | (tone[2] * bright) << 16 | (tone[1] * bright) << 8 | (tone[0] * bright);
    this.triangle(a, b, c, colour);
    this.triangle(a, c, d, colour);
  }

  triangle(a, b, c, colour) {
    const { points, pixels, depth } = this;
    const { width, height } = this.canvas;
    const [ax, ay, az, bx, by, bz] = [points[a], points[a + 1], points[a + 2], points[b], points[b + 1], points[b + 2]];
    const [cx, cy, cz] = [points[c], points[c + 1], points[c + 2]];
    const area = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
    if (Math.abs(area) < 1e-9) {
      return;
    }
    const left = Math.max(0, Math.floor(Math.min(ax, bx, cx)));
    const right = Math.min(width - 1, Math.ceil(Math.max(ax, bx, cx)));
    const top = Math.max(0, Math.floor(Math.min(ay, by, cy)));
    const bottom = Math.min(height - 1, Math.ceil(Math.max(ay, by, cy)));
    const one = 1 / area;
    for (let y = top; y <= bottom; y++) {
      for (let x = left; x <= right; x++) {
        const wb = ((x - ax) * (cy - ay) - (cx - ax) * (y - ay)) * one;
        const wc = ((bx - ax) * (y - ay) - (x - ax) * (by - ay)) * one;
        if (wb >= -1e-4 && wc >= -1e-4 && wb + wc <= 1.0001) {
          const near = az + wb * (bz - az) + wc * (cz - az);
          const at = y * width + x;
          if (near > depth[at]) {
            depth[at] = near;
            pixels[at] = colour;
          }
        }
      }
    }
  }

  // How long 20 mm are at this moment: the picture moves nearer as the piece gets smaller.
  bar() {
    const { paint, canvas } = this;
    const length = 20 * this.scale;
    const y = canvas.height - 14;
    paint.strokeStyle = paint.fillStyle = getComputedStyle(canvas).color;
    paint.lineWidth = 2;
    paint.beginPath();
    paint.moveTo(16, y - 6);
    paint.lineTo(16, y + 6);
    paint.moveTo(16, y);
    paint.lineTo(16 + length, y);
    paint.moveTo(16 + length, y - 6);
    paint.lineTo(16 + length, y + 6);
    paint.stroke();
    paint.font = `${canvas.width / 30}px ${getComputedStyle(canvas).fontFamily}`;
    paint.fillText("20 mm", 24 + length, y + 6);
  }

  play() {
    this.playing = true;
    this.button();
    let last = null;
    let rest = 0;
    const tick = (now) => {
      if (!this.playing || !this.canvas.isConnected) {
        this.playing = false;
        return;
      }
      if (last !== null) {
        let gone = Math.min(100, now - last);
        if (rest > 0) {
          rest -= gone;
          gone = 0;
        }
        const before = Math.floor(this.at);
        let at = this.at + gone / STEP_MS;
        if (rest <= 0 && at >= this.steps) {
          at = this.at >= this.steps ? 0 : this.steps;
          rest = at === 0 ? 0 : 2 * PAUSE_MS;
        } else if (Math.floor(at) > before) {
          at = Math.floor(at);
          rest = PAUSE_MS;
        }
        if (rest <= 0 || gone > 0) {
          this.show(at);
        }
      }
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  }

  stop() {
    this.playing = false;
    this.button();
  }

  button() {
    const button = this.canvas.closest(".closing").querySelector("[data-closing-play]");
    button.textContent = this.playing ? "Pause" : "Play";
  }

  // The end of a step, as it should look.
  rest(to) {
    this.stop();
    this.show(Math.max(0, Math.min(this.steps, to)));
  }
}

function start(canvas) {
  const old = players.get(canvas);
  if (old?.address === canvas.dataset.closing) {
    return;
  }
  old?.stop();
  const player = new Player(canvas);
  player.address = canvas.dataset.closing;
  players.set(canvas, player);
  player.load();
}

function look() {
  document.querySelectorAll("canvas[data-closing]").forEach(start);
  document.querySelectorAll("[data-left-hand]").forEach((box) => (box.checked = leftHanded()));
}

const playerOf = (target) => players.get(target.closest(".closing")?.querySelector("canvas[data-closing]"));

document.addEventListener("click", (event) => {
  const step = event.target.closest("[data-step]");
  if (step) {
    playerOf(step)?.rest(Number(step.dataset.step) + 1);
  } else if (event.target.closest("[data-closing-play]")) {
    const player = playerOf(event.target);
    if (player?.playing) {
      player.stop();
    } else {
      player?.play();
    }
  } else if (event.target.closest("[data-closing-by]")) {
    const player = playerOf(event.target);
    const forward = event.target.dataset.closingBy === "1";
    player?.rest(forward ? Math.floor(player.at + 1e-6) + 1 : Math.ceil(player.at - 1e-6) - 1);
  }
});

document.addEventListener("change", (event) => {
  if (event.target.matches("[data-left-hand]")) {
    if (event.target.checked) {
      localStorage.setItem(LEFT, "true");
    } else {
      localStorage.removeItem(LEFT);
    }
    document.querySelectorAll("canvas[data-closing]").forEach((canvas) => {
      const player = players.get(canvas);
      player?.show(player.at);
    });
  }
});

// Turned about by a finger.
let held = null;
document.addEventListener("pointerdown", (event) => {
  const player = event.target.matches("canvas[data-closing]") ? players.get(event.target) : null;
  held = player ? { player, x: event.clientX, turn: player.turn } : null;
});
document.addEventListener("pointermove", (event) => {
  if (held) {
    held.player.turn = held.turn + (event.clientX - held.x) / 120;
    held.player.show(held.player.at);
  }
});
document.addEventListener("pointerup", () => (held = null));
document.addEventListener("pointercancel", () => (held = null));

document.addEventListener("DOMContentLoaded", look);
document.addEventListener("htmx:afterSettle", look);
