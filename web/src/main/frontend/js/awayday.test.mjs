import assert from "node:assert/strict";
import { test } from "node:test";
import { move, order, standing } from "./awayday.js";

const MIN = 60000;
const step = (key, after, more = {}) => ({
  key, title: key, after, people: [0], start: 0, hands: true, waits: false, seconds: 600, spells: [], done: false, ...more,
});
const day = {
  timers: [],
  steps: [
    step("mix", [], { done: true }),
    step("knead", ["mix"]),
    step("rest", ["knead"], { hands: false, waits: true, people: [], seconds: 1800 }),
    step("chop", [], { people: [1] }),
    step("boil", ["rest"], { hands: false, spells: [{ key: "in", seconds: 120, label: "lid" }, { key: "on", seconds: 180, label: "off" }] }),
  ],
};
const press = (value, key, at) => ({ kind: "MOVE", key, value, at });
const keys = (presses, now, who = -1) => order(day, standing(day, presses, now), who, now).map((one) => one.key);

test("what waited for a step alone begins when it is over, and is over when its time is", () => {
  assert.deepEqual(keys([], 0), ["knead", "chop"]);
  const kneaded = [press("over", "knead", 5 * MIN)];
  assert.deepEqual(standing(day, kneaded, 6 * MIN).timers.map((one) => [one.of, one.rings]), [["rest", 35 * MIN]]);
  assert.deepEqual(keys(kneaded, 6 * MIN), ["chop", "rest"]);
  assert.deepEqual(keys(kneaded, 34.9 * MIN), ["chop", "rest"]);
  assert.deepEqual(keys(kneaded, 35 * MIN), ["boil", "chop"]);
});

test("somebody sees their own steps and what gets on by itself", () => {
  assert.deepEqual(keys([press("over", "knead", 0)], 0, 1), ["chop", "rest"]);
  assert.deepEqual(keys([], 0, 0), ["knead"]);
});

test("timed spells follow one another; what rings is seen to first", () => {
  const rested = [press("over", "knead", 0), press("over", "rest", 30 * MIN)];
  const boil = day.steps[4];
  assert.equal(move(boil, standing(day, rested, 30 * MIN), 30 * MIN), "start");
  const boiling = [...rested, press("start", "boil", 31 * MIN)];
  const at = (now, presses = boiling) => standing(day, presses, now);
  assert.deepEqual(at(31 * MIN).timers.map((one) => one.rings / MIN), [33, 36]);
  assert.deepEqual(keys(boiling, 32 * MIN), ["chop", "boil"]);
  assert.equal(move(boil, at(33 * MIN), 33 * MIN), "answer");
  assert.deepEqual(keys(boiling, 33 * MIN), ["boil", "chop"]);
  const answered = [...boiling, press("answer", "boil", 33.5 * MIN)];
  assert.deepEqual(at(34 * MIN, answered).timers.map((one) => one.spell), ["on"]);
  assert.equal(move(boil, at(34 * MIN, answered), 34 * MIN), "over");
  const more = [...answered, { kind: "MINUTE", key: "boil", value: "on", at: 34 * MIN }];
  assert.deepEqual(at(34 * MIN, more).timers.map((one) => one.rings / MIN), [37]);
  assert.ok(at(37 * MIN, [...more, press("over", "boil", 36 * MIN)]).done.has("boil"));
});

test("a line can be ticked and not be after all", () => {
  const line = (value) => ({ kind: "LINE", key: "flour", value, at: 0 });
  assert.equal(standing(day, [line("true")], 0).lines.get("flour"), true);
  assert.equal(standing(day, [line("true"), line("false")], 0).lines.get("flour"), false);
});
