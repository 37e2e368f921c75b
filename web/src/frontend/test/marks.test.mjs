import assert from 'node:assert/strict';
import { test } from 'node:test';
import { marked, nearest, spaced } from '../js/measure/marks.js';

const outline = marked('0.5 10 20 10 60 0;1.5 30 20 30 60 1;2.5 50 20 50 60 1');

test('toes are read as they are written', () => {
  assert.equal(outline.length, 3);
  assert.deepEqual(outline[1], { mm: 1.5, left: [30, 20], right: [30, 60], counts: true });
  assert.equal(outline[0].counts, false);
  assert.deepEqual(marked(''), []);
});

test('a place of the picture is named by its distance along the bead', () => {
  assert.equal(nearest(outline, [31, 45]), 1.5);
  assert.equal(nearest(outline, [400, 40]), 2.5);
});

test('a line grows by steps and not without end', () => {
  assert.equal(spaced([[0, 0]], [3, 0], 10).length, 1);
  assert.equal(spaced([[0, 0]], [12, 0], 10).length, 2);
  let line = [[0, 0]];
  for (let x = 20; x < 4000; x += 20) line = spaced(line, [x, 0], 10);
  assert.equal(line.length, 100);
});
