import assert from 'node:assert/strict';
import { test } from 'node:test';
import { placed, valued, within } from '../js/map/plot.js';

const plot = { left: 100, right: 900, top: 10, bottom: 510, x: [20, 120], y: [50, 250] };

test('corners of the plot are the ends of its axes', () => {
  assert.deepEqual(valued(plot, { x: 100, y: 510 }), { x: 20, y: 50 });
  assert.deepEqual(valued(plot, { x: 900, y: 10 }), { x: 120, y: 250 });
});

test('a value is placed where it is read', () => {
  for (let i = 0; i < 200; i += 1) {
    const value = { x: 20 + (i % 13) * 7.5, y: 50 + (i % 17) * 11 };
    const read = valued(plot, placed(plot, value));
    assert.ok(Math.abs(read.x - value.x) < 1e-9);
    assert.ok(Math.abs(read.y - value.y) < 1e-9);
  }
});

test('a point outside is brought to the edge', () => {
  assert.deepEqual(within(plot, { x: 0, y: 400 }), { x: 20, y: 250 });
  assert.deepEqual(within(plot, { x: 60, y: 100 }), { x: 60, y: 100 });
});
