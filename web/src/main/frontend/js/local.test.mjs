import assert from "node:assert/strict";
import { test } from "node:test";
import { read, said } from "./local.js";

test("what a cook with a comma types is read their way", () => {
  assert.equal(read("1,5 kg", true), "1.5 kg");
  assert.equal(read("1.5 kg", true), "1.5 kg");
  assert.equal(read("1.200 g", true), "1,200 g");
  assert.equal(read("1 200,5 g", true), "1,200.5 g");
  // To the kitchen a comma or a point before three digits would part thousands.
  assert.equal(read("1,200", true), "1.2000");
  assert.equal(read("0,125", true), "0.1250");
  assert.equal(read("2 cups flour, packed", true), "2 cups flour, packed");
  assert.equal(read("1/2 tsp", true), "1/2 tsp");
  assert.equal(read("1,200", false), "1,200");
});

test("what the kitchen writes is written their way", () => {
  assert.equal(said("1,285.5 g", true), "1.285,5 g");
  assert.equal(said("16.2 g", true), "16,2 g");
  assert.equal(said("192.0.2.2:8642", true), "192.0.2.2:8642");
  assert.equal(said("16.2 g", false), "16.2 g");
});
