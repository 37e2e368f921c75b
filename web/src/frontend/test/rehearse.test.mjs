import assert from 'node:assert/strict';
import test from 'node:test';
import { between, bytes, laidOut, section, tint } from '../js/rehearse/paint.js';
import { frameAt } from '../js/rehearse/playing.js';

test('planes of a film come as bytes', () => {
  assert.deepEqual([...bytes(Buffer.from([0, 7, 255]).toString('base64'))], [0, 7, 255]);
});

test('the picture of a moment is the last one up to it, and playing never goes back', () => {
  const frames = [0, 0.1, 0.2, 0.3].map((s) => ({ s }));
  assert.equal(frameAt(frames, 0.25, 0), 2);
  assert.equal(frameAt(frames, 0.2, 0), 2);
  assert.equal(frameAt(frames, 0.05, 2), 2);
  assert.equal(frameAt(frames, 9, 0), 3);
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

test('of a section only metal is painted', () => {
  const metal = Buffer.from([1, 0, 1, 1]).toString('base64');
  const layout = laidOut({ acrossMm: [0, 1, 2], downMm: [0, 1, 2], mirrored: false, metal });
  const painted = [];
  const context = { fillRect: (x, y) => painted.push([x, y]) };
  const look = {
    metal: [60, 70, 80],
    chalk: [230, 230, 220],
    hot: [255, 200, 0],
    edge: [200, 60, 0],
    family: 'STEEL',
    meltC: 1500,
    stepC: 7,
  };
  section(context, look, layout, [0, 0, 0, 0], [0, 0, 0, 0], { x: 0, y: 0, w: 20, h: 20 });
  assert.deepEqual(painted, [
    [0, 0],
    [0, 10],
    [10, 10],
  ]);
  assert.equal(laidOut(null), null);
});
