// A day that goes on without the kitchen: what stands after the presses made meanwhile, and what is to be done next. The steps, what
// each waits for, and how long things take come from the kitchen; only what depends on the presses is worked out here.

const its = (timers, key) => timers.filter((timer) => timer.of === key);

const rung = (step, timers, now) => {
  const mine = its(timers, step.key);
  return step.waits && mine.length > 0 && mine.every((timer) => timer.rings <= now);
};

const over = (step, state, now) => state.done.has(step.key) || rung(step, state.timers, now);

function start(step, state, at) {
  if (its(state.timers, step.key).length > 0) {
    return;
  }
  let end = at;
  if (step.spells.length === 0) {
    state.timers.push({ of: step.key, spell: "", rings: at + step.seconds * 1000, label: step.title });
  }
  for (const spell of step.spells) {
    end += spell.seconds * 1000;
    state.timers.push({ of: step.key, spell: spell.key, rings: end, label: spell.label });
  }
}

function end(day, step, state, at) {
  state.done.add(step.key);
  state.timers = state.timers.filter((timer) => timer.of !== step.key);
  for (const next of day.steps) {
    const begins = next.waits && next.after.includes(step.key) && !over(next, state, at);
    if (begins && next.after.every((key) => over(day.steps.find((one) => one.key === key), state, at))) {
      start({ ...next, spells: [] }, state, at);
    }
  }
}

function apply(day, state, { kind, key, value, at }) {
  const step = day.steps.find((one) => one.key === key);
  if (kind === "LINE") {
    state.lines.set(key, value === "true");
  } else if (kind === "MINUTE") {
    for (const timer of state.timers.filter((one) => one.of === key && one.spell === value)) {
      timer.rings = Math.max(timer.rings, at) + 60000;
    }
  } else if (kind === "MOVE" && step) {
    if (value === "start") {
      start(step, state, at);
    } else if (value === "answer") {
      state.timers = state.timers.filter((timer) => timer.of !== key || timer.rings > at);
    } else {
      end(day, step, state, at);
    }
  }
}

/** What stands now: keys of what is done, timers, and lines that were ticked or not after all. */
export function standing(day, presses, now) {
  const state = {
    done: new Set(day.steps.filter((step) => step.done).map((step) => step.key)),
    timers: day.timers.map((timer) => ({ ...timer })),
    lines: new Map(),
  };
  presses.forEach((press) => apply(day, state, press));
  day.steps.filter((step) => rung(step, state.timers, now)).forEach((step) => state.done.add(step.key));
  return state;
}

/** What somebody is to do, the next first; @param who number of the person from 0, less for everybody. */
export function order(day, state, who, now) {
  const ready = day.steps.filter(
    (step) =>
      !state.done.has(step.key) &&
      step.after.every((key) => state.done.has(key)) &&
      (who < 0 || step.people.length === 0 || step.people.includes(who)),
  );
  const calls = (step) => its(state.timers, step.key).some((timer) => timer.rings <= now);
  const underWay = (step) => !step.hands && its(state.timers, step.key).length > 0 && !calls(step);
  const rank = (step) => (calls(step) ? 0 : step.start <= now && !step.hands ? 1 : 2);
  const soonest = (step) => Math.min(...its(state.timers, step.key).map((timer) => timer.rings));
  return [
    ...ready.filter((step) => !underWay(step)).sort((a, b) => rank(a) - rank(b)),
    ...ready.filter(underWay).sort((a, b) => soonest(a) - soonest(b)),
  ];
}

/** The next move in a step, as it is sent. */
export function move(step, state, now) {
  if (step.hands) {
    return "over";
  }
  const mine = its(state.timers, step.key);
  if (mine.length === 0) {
    return "start";
  }
  return mine.some((timer) => timer.rings <= now) && mine.some((timer) => timer.rings > now) ? "answer" : "over";
}
