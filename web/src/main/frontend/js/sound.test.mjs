import assert from "node:assert/strict";
import { test } from "node:test";
import { KINDS, quiet, samples } from "./sound.js";

test("it is quiet between the hours that were said, over midnight too", () => {
  const night = { from: "22:00", to: "07:00" };
  assert.deepEqual(["21:59", "22:00", "03:00", "06:59", "07:00"].map((now) => quiet(now, night)), [false, true, true, true, false]);
  assert.deepEqual(["12:59", "13:00", "14:59", "15:00"].map((now) => quiet(now, { from: "13:00", to: "15:00" })), [false, true, true, false]);
  assert.equal(quiet("03:00", { from: "22:00", to: "" }), false);
});

test("every sound but none can be heard, ends before it begins again, and none is silence", () => {
  for (const kind of Object.keys(KINDS)) {
    const loudest = Math.max(...samples(kind).map(Math.abs));
    assert.ok(kind === "none" ? loudest === 0 : loudest > 0.3 && loudest <= 1, `${kind} ${loudest}`);
    assert.ok(samples(kind).slice(-800).every((one) => one === 0), `${kind} has no pause`);
  }
});
