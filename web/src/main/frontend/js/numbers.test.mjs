import assert from "node:assert/strict";
import { test } from "node:test";
import { clockText, dragged, stepped } from "./numbers.js";

test("a step moves a number and stays in its range", () => {
  assert.equal(stepped("52.5", 1, 0.5, 20, 220), "53");
  assert.equal(stepped("52,5", -1, 0.5, 20, 220), "52");
  assert.equal(stepped("0.3", -1, 0.1, 0, 5), "0.2");
  assert.equal(stepped("219.9", 10, 0.5, 20, 220), "220");
  assert.equal(stepped("1", -1, 1, 1, 200), "1");
  assert.equal(stepped("1,200", 1, 5, 0, 5000), "1205");
  assert.equal(stepped("52,5", 1, 0.5, 20, 220, true), "53");
  assert.equal(stepped("1.200", 1, 0.5, 0, 5000, true), "1200,5");
  assert.equal(stepped("wet", 1, 1, 0, 9), "wet");
});

test("a pointer on the scale is the poured hydration there", () => {
  const scale = { low: 40, high: 60, left: 0.05, right: 0.95, brought: 6 };
  assert.equal(dragged(100 + 0.05 * 680, 100, 680, scale), 34);
  assert.equal(dragged(100 + 0.5 * 680, 100, 680, scale), 44);
  assert.equal(dragged(100 + 0.95 * 680, 100, 680, scale), 54);
  assert.equal(dragged(-500, 100, 680, scale), 34);
  assert.equal(dragged(5_000, 100, 680, scale), 54);
});

test("a clock counts down, and up once it has rung", () => {
  assert.equal(clockText(40 * 60_000), "40:00");
  assert.equal(clockText(39 * 60_000 + 59_001), "40:00");
  assert.equal(clockText(59_000), "00:59");
  assert.equal(clockText(1), "00:01");
  assert.equal(clockText(0), "00:00");
  assert.equal(clockText(-1), "+00:01");
  assert.equal(clockText(-61_000), "+01:01");
  assert.equal(clockText(3_600_000 + 5_000), "1:00:05");
});
