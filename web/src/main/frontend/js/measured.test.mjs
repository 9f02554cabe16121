import assert from "node:assert/strict";
import { test } from "node:test";
import { body, line, sensed, weight } from "./measured.js";

const view = (...bytes) => new DataView(new Uint8Array(bytes).buffer);

test("a weight comes in steps of 5 g, or of a hundredth of a pound", () => {
  assert.equal(weight(view(0x00, 0xfa, 0x00)), 1250);
  assert.equal(weight(view(0x02, 0x01, 0x00)), 5);
  assert.ok(Math.abs(weight(view(0x01, 0x64, 0x00)) - 453.59237) < 1e-6);
});

test("temperatures of both kinds, and that one is not known", () => {
  assert.equal(sensed(view(0x2c, 0x1d)), 74.68);
  assert.equal(sensed(view(0x18, 0xfc)), -10);
  assert.equal(sensed(view(0x00, 0x80)), null);
  // 732 times ten to the minus one; 1634 times ten to the minus one in °F.
  assert.ok(Math.abs(body(view(0x00, 0xdc, 0x02, 0x00, 0xff)) - 73.2) < 1e-9);
  assert.ok(Math.abs(body(view(0x01, 0x62, 0x06, 0x00, 0xff)) - 73) < 1e-9);
  assert.ok(Math.abs(body(view(0x00, 0xce, 0xff, 0xff, 0xff)) + 5) < 1e-9);
  assert.equal(body(view(0x00, 0xff, 0xff, 0x7f, 0x00)), null);
});

test("lines as scales write them", () => {
  assert.deepEqual(line("ST,GS,+  15.20 g"), { grams: 15.2, settled: true });
  assert.deepEqual(line("US,GS,+  15.3 g"), { grams: 15.3, settled: false });
  assert.deepEqual(line("S S      1.250 kg"), { grams: 1250, settled: true });
  assert.deepEqual(line("S D     -0,5 g"), { grams: -0.5, settled: false });
  assert.deepEqual(line("  2.00 oz"), { grams: 56.699, settled: false });
  assert.equal(line("ERR"), null);
});
