import assert from 'node:assert/strict';
import test from 'node:test';
import { between, bytes, tint } from '../js/rehearse/paint.js';

test('planes of a film come as bytes', () => {
  assert.deepEqual([...bytes(Buffer.from([0, 7, 255]).toString('base64'))], [0, 7, 255]);
});

test('a place between two is found with how far between, and none beyond the ends', () => {
  assert.deepEqual(between([0.5, 1.5, 3.5], 2.5), [1, 2, 0.5]);
  assert.deepEqual(between([0.5, 1.5, 3.5], 0), [0, 0, 0]);
  assert.deepEqual(between([0.5, 1.5, 3.5], 9), [2, 2, 0]);
});

test('tint comes in before its first band, changes without a step, and is left out for steel', () => {
  assert.equal(tint('STEEL', 900), null);
  assert.equal(tint('STAINLESS', 250), null);
  const [, fading] = tint('STAINLESS', 280);
  assert.ok(fading > 0 && fading < 1);
  const [below] = tint('STAINLESS', 379.9);
  const [above] = tint('STAINLESS', 380.1);
  below.forEach((part, i) => assert.ok(Math.abs(part - above[i]) < 2));
  assert.equal(tint('TITANIUM', 5000)[1], 1);
});
