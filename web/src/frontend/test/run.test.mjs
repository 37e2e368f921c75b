import assert from 'node:assert/strict';
import { test } from 'node:test';
import { offset, points } from '../js/run/strip.js';
import { clockText, lasts } from '../js/run/times.js';

test('times are told as a clock, and what lasts long in hours', () => {
  assert.equal(clockText(0), '0:00');
  assert.equal(clockText(75.9), '1:15');
  assert.equal(clockText(3725), '1:02:05');
  assert.deepEqual(lasts(95.7), ['95', 'min']);
  assert.deepEqual(lasts(150), ['2', 'h']);
  assert.deepEqual(lasts(Infinity), ['–', '']);
});

test('the score is laid so that its strike falls on the first reading of an arc', () => {
  const planned = points('0.00,0.0 0.50,0.0 0.60,20.0 2.00,80.0');
  assert.equal(offset(planned, 12.6), 12);
  assert.equal(offset(planned, null), 0);
});
