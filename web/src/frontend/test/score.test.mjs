import assert from 'node:assert/strict';
import { test } from 'node:test';
import { actionFor } from '../js/keymap.js';
import { curve, currentAt, draw, fits, lanes, pulseCorners, runs } from '../js/score/draw.js';
import { goOnFrom, nudged, pulled, stepped, typedText } from '../js/score/handles.js';
import { poolAt } from '../js/score/player.js';
import { GUTTER, MARGIN, ampScale, kept, niceStep, timeScale, zoomed } from '../js/score/scale.js';
import { FOOT_TRAVEL_S, trial } from '../js/score/trial.js';

const stretch = (phase, t0, t1, a0, a1, more = {}) => ({
  phase,
  t0,
  t1,
  a0,
  a1,
  gas: true,
  held: false,
  f0: 0,
  f1: 0,
  ...more,
});
const pulsed = stretch('WELD', 2, 6, 100, 100, { beat: [2, 0.5, 0.4, 2, 5] });
const segments = [
  stretch('PRE_FLOW', 0, 1, 0, 0),
  stretch('UP_SLOPE', 1, 2, 20, 100),
  pulsed,
  stretch('DOWN_SLOPE', 6, 8, 100, 10),
  stretch('POST_FLOW', 8, 12, 0, 0),
];
const score = {
  lengthS: 12,
  topA: 100,
  input: 'SWITCH',
  segments,
  spans: [{ phase: 'WELD', words: 'welding', t0: 2, t1: 6, next: '', travels: true }],
  touches: [{ t: 0, kind: 'PRESS', foot: 0, words: 'press' }],
  handles: [],
  pool: [
    [0, 0],
    [4, 5],
    [12, 0],
  ],
  poolMm: 5,
  seam: '60 mm',
  dabsPerS: 1.5,
  dabs: [2.3, 3, 3.7, 4.3, 5, 5.7],
  wire: true,
};

test('times and currents go to the page and back', () => {
  const time = timeScale({ t0: 2, t1: 12 }, 1000);
  assert.equal(time.x(2), GUTTER);
  assert.equal(Math.round(time.x(12)), 1000 - MARGIN);
  assert.ok(Math.abs(time.t(time.x(7.3)) - 7.3) < 1e-9);
  const amp = ampScale(187, { y: 50, h: 200 });
  assert.equal(amp.y(0), 250);
  assert.ok(amp.most >= 187);
  assert.ok(Math.abs(amp.a(amp.y(90)) - 90) < 1e-9);
});

test('marks stand at 1, 2 or 5', () => {
  assert.deepEqual([0.03, 0.6, 1, 3, 7, 40].map(niceStep), [0.05, 1, 1, 5, 10, 50]);
});

test('zooming keeps the time under the pointer and never leaves the score', () => {
  const closer = zoomed({ t0: 0, t1: 10 }, 4, 0.5, 10);
  assert.deepEqual(closer, { t0: 2, t1: 7 });
  assert.deepEqual(zoomed(closer, 4, 100, 10), { t0: 0, t1: 10 });
  assert.deepEqual(kept({ t0: -3, t1: 2 }, 10), { t0: 0, t1: 5 });
  assert.deepEqual(kept({ t0: 8, t1: 13 }, 10), { t0: 5, t1: 10 });
});

test('pulses are drawn as pulses where they fit and as a band where they do not', () => {
  const view = { t0: 0, t1: 12 };
  assert.equal(pulseCorners(pulsed, 0, 12).length, 8 * 4);
  assert.equal(curve(segments, view, timeScale(view, 1000), ampScale(100, { y: 0, h: 100 })).bands.length, 0);
  const fast = segments.map((one) => (one === pulsed ? { ...pulsed, beat: [200, 0.5, 0.4, 2, 5] } : one));
  const drawn = draw({ ...score, segments: fast }, view, { width: 1000, height: 400 }, null);
  assert.match(drawn, /200 pulses a second, 5 ms each/);
  assert.ok(!fits(fast[2], 75) && fits(pulsed, 75));
});

test('a pulse stays on its beat when only a part of it is in view', () => {
  const corners = pulseCorners(pulsed, 3.1, 3.4);
  corners.forEach(([t, a]) => assert.ok(t >= 3 && a >= 40 && a <= 100));
});

test('the current is read off the stretches', () => {
  assert.equal(currentAt(segments, 1.5), 60);
  assert.equal(currentAt(segments, 2.1), 100);
  assert.equal(currentAt(segments, 2.3), 40);
  assert.equal(currentAt(segments, 7), 55);
  assert.equal(currentAt(segments, 20), 0);
});

test('stretches of the same kind are one', () => {
  assert.deepEqual(
    runs(segments, (one) => one.gas),
    [[0, 12]],
  );
});

test('the whole drawing carries no nonsense', () => {
  const drawn = draw(score, { t0: 0, t1: 12.5 }, { width: 1000, height: 396 }, segments);
  assert.ok(!/NaN|undefined|Infinity/.test(drawn));
  assert.ok(lanes(396).current.h > 120);
});

test('words are escaped', () => {
  const drawn = draw({ ...score, seam: '<b>60</b>' }, { t0: 0, t1: 12.5 }, { width: 1000, height: 396 }, null);
  assert.ok(!drawn.includes('<b>'));
});

const slope = { field: 'own.downSlope', axis: 'TIME', value: 2, scale: 1, step: 0.1, min: 0, max: 60, symbol: 's' };

test('a pull moves the figure by panel steps and stops at what can be asked', () => {
  assert.equal(pulled(slope, 1.234, 0), 3.2);
  assert.equal(pulled(slope, -9, 0), 0);
  assert.equal(pulled({ ...slope, axis: 'CURRENT', step: 1, max: 500, value: 90 }, 5, -14.4), 76);
  assert.equal(stepped(0.17, { ...slope, step: 0.05 }), 0.15);
  assert.equal(typedText(3.2, slope), '3.2 s');
});

test('arrow keys nudge by a step, page keys by ten', () => {
  assert.equal(nudged(slope, 'ArrowRight'), 2.1);
  assert.equal(nudged(slope, 'ArrowDown'), 1.9);
  assert.equal(nudged(slope, 'PageUp'), 3);
  assert.equal(nudged(slope, 'Tab'), null);
});

test('the pool is read between its points', () => {
  assert.equal(poolAt(score.pool, 2), 2.5);
  assert.equal(poolAt(score.pool, 99), 0);
});

test('a trial counts from the first touch and passes over a key that repeats', () => {
  const tried = trial('SWITCH');
  assert.equal(tried.touch(false, 500), false);
  assert.ok(tried.touch(true, 1000));
  assert.equal(tried.touch(true, 1200), false);
  assert.ok(tried.touch(false, 3000));
  assert.deepEqual(tried.touches(), [
    { atS: 0, kind: 'PRESS' },
    { atS: 2, kind: 'RELEASE' },
  ]);
});

test('a foot that turns back on its way turns where it is', () => {
  const tried = trial('FOOT');
  tried.touch(true, 0);
  tried.touch(false, (1000 * FOOT_TRAVEL_S) / 2);
  const [start, turn, end] = tried.touches();
  assert.deepEqual([start.foot, end.foot], [0, 0]);
  assert.ok(Math.abs(turn.foot - 0.5) < 0.01);
  assert.ok(end.atS > turn.atS);
});

test('undo and redo have their keys, number keys go to the steps', () => {
  const key = (more) => ({ ctrlKey: false, altKey: false, metaKey: false, shiftKey: false, ...more });
  assert.equal(actionFor(key({ key: 'z', ctrlKey: true }), null), 'undo');
  assert.equal(actionFor(key({ key: 'Z', ctrlKey: true, shiftKey: true }), null), 'redo');
  assert.equal(actionFor(key({ key: '2' }), null), 'step');
  assert.equal(actionFor(key({ key: 'z', ctrlKey: true }), { tagName: 'INPUT', type: 'text' }), null);
});

test('quick keys go on from what was pressed, not from an older answer', () => {
  const places = [
    { field: 'own.downSlope', value: 2.4 },
    { field: 'own.postFlow', value: 8 },
  ];
  goOnFrom({ 'own.downSlope': 1.4 }, places);
  assert.deepEqual(
    places.map((place) => place.value),
    [1.4, 8],
  );
});
