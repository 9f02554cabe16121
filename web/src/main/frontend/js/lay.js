// Pieces are pushed about in their vessel; the server says how far each may go. Nothing of it is kept.
let piece = null;
let wanted = null;
let busy = false;
const moved = new Map();

function place(event) {
  const group = piece.parentElement;
  const matrix = group.getScreenCTM().inverse();
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  const middle = Number(group.dataset.middle);
  const scale = Number(group.dataset.perMm);
  return { x: (point.x - middle) / scale, y: (point.y - middle) / scale };
}

async function ask() {
  if (busy || !piece || !wanted) {
    return;
  }
  busy = true;
  const { x, y } = wanted;
  const mine = piece;
  wanted = null;
  try {
    const of = mine.closest("[data-lay]").dataset.lay;
    const before = [...moved].map(([which, at]) => `${which}:${at.x}:${at.y}`).join(",");
    const answer = await fetch(`${of}&piece=${mine.dataset.laid}&x=${x}&y=${y}&moved=${encodeURIComponent(before)}`);
    if (answer.ok && mine.isConnected) {
      const { xMm, yMm, turn } = await answer.json();
      const group = mine.parentElement;
      const scale = Number(group.dataset.perMm);
      const middle = Number(group.dataset.middle);
      moved.set(mine.dataset.laid, { x: xMm, y: yMm });
      mine.setAttribute("transform", `translate(${middle + xMm * scale} ${middle + yMm * scale}) rotate(${turn})`);
    }
  } finally {
    busy = false;
    ask();
  }
}

document.addEventListener("pointerdown", (event) => {
  piece = event.target.closest("[data-lay] [data-laid]");
  if (piece) {
    event.preventDefault();
  }
});
document.addEventListener("pointermove", (event) => {
  if (piece) {
    wanted = place(event);
    ask();
  }
});
const letGo = () => {
  piece = null;
  wanted = null;
};
document.addEventListener("pointerup", letGo);
document.addEventListener("pointercancel", letGo);
document.addEventListener("htmx:afterSwap", () => moved.clear());
