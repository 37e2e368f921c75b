import assert from 'node:assert/strict';
import { test } from 'node:test';
import { asked, drawnBy, grabbed, handlesOf, NOTHING, withDrawn, withMoved, withSeam } from '../js/measure/drawn.js';
import { lines, marked, middleAt } from '../js/measure/marks.js';

// A bead along x, 40 pixels wide, ten pixels a millimetre.
const outline = marked(
  Array.from({ length: 30 }, (_, i) => `${i} ${10 * i} 20 ${10 * i} 60 ${i > 2 && i < 27 ? 1 : 0}`).join(';'),
);

const typed = { kind: 'POINTS', size: '', dabs: '', material: '', mmPerUnit: 1 };

test('two taps make a scale, and a third begins another', () => {
  const one = withDrawn(NOTHING, 'SCALE', [0, 0], [10, 10], []);
  const two = withDrawn(one, 'SCALE', [0, 0], [90, 10], []);
  assert.deepEqual(two.scale, [
    [10, 10],
    [90, 10],
  ]);
  assert.deepEqual(withDrawn(two, 'SCALE', [0, 0], [5, 5], []).scale, [[5, 5]]);
});

test('the nearest handle is taken hold of, and none that is far', () => {
  const drawn = {
    ...NOTHING,
    scale: [
      [10, 10],
      [90, 10],
    ],
    clean: [50, 80],
  };
  const handles = handlesOf(drawn, [], 'SEAM');
  assert.equal(handles.length, 3);
  assert.deepEqual(grabbed(handles, [85, 14], 20), { kind: 'scale', index: 1, at: [90, 10] });
  assert.equal(grabbed(handles, [50, 40], 20), null);
  assert.equal(grabbed([], [0, 0], 20), null);
});

test('every handle moves what it stands for', () => {
  const drawn = {
    ...NOTHING,
    scale: [
      [10, 10],
      [90, 10],
    ],
    seam: [
      [0, 0],
      [5, 5],
    ],
    clean: [50, 80],
    moved: [[30, 20]],
  };
  const moved = (handle) => withMoved(drawn, handle, [7, 8], outline);
  assert.deepEqual(moved({ kind: 'scale', index: 0 }).scale, [
    [7, 8],
    [90, 10],
  ]);
  assert.deepEqual(moved({ kind: 'seam', index: 1 }).seam, [
    [0, 0],
    [7, 8],
  ]);
  assert.deepEqual(moved({ kind: 'clean', index: 0 }).clean, [7, 8]);
  assert.deepEqual(moved({ kind: 'moved', index: 0 }).moved, [[7, 8]]);
  assert.deepEqual(moved({ kind: 'toe', index: 3 }).moved, [
    [30, 20],
    [7, 8],
  ]);
});

test('toes have handles only once they are found, and not while a seam is drawn', () => {
  assert.ok(handlesOf(NOTHING, outline, 'TOE').filter((handle) => handle.kind === 'toe').length >= 8);
  assert.equal(handlesOf(NOTHING, outline, 'SEAM').length, 0);
});

test('a stretch is left out, pulled longer, and counts again when its ends are brought together', () => {
  const left = withDrawn(NOTHING, 'OUT', [120, 40], [80, 40], outline);
  assert.deepEqual(left.leftOut, [{ fromMm: 8, toMm: 12 }]);
  const handles = handlesOf(left, outline, 'TOE').filter((handle) => handle.kind === 'out');
  assert.deepEqual(
    handles.map((handle) => handle.at),
    [
      [80, 40],
      [120, 40],
    ],
  );
  assert.deepEqual(withMoved(left, handles[1], [200, 40], outline).leftOut, [{ fromMm: 8, toMm: 20 }]);
  assert.deepEqual(withMoved(left, handles[1], [82, 40], outline).leftOut, []);
  assert.deepEqual(withDrawn(NOTHING, 'OUT', [0, 0], [90, 0], []).leftOut, []);
});

test('what is asked carries only what was drawn, in mm', () => {
  assert.deepEqual(asked(NOTHING, { ...typed, kind: 'STRIP' }), { scale: { strip: true }, moved: [], leftOut: [] });
  const drawn = {
    ...NOTHING,
    scale: [
      [1, 2],
      [3, 4],
    ],
    seam: [
      [0, 0],
      [90, 0],
    ],
    clean: [5, 5],
  };
  const wanted = asked(drawn, { ...typed, size: ' 2,5', dabs: '1.2', material: 'STAINLESS_304L', mmPerUnit: 25.4 });
  assert.deepEqual(wanted.scale, { from: [1, 2], to: [3, 4], mm: 63.5 });
  assert.deepEqual([wanted.seam.length, wanted.clean, wanted.dabHz], [2, [5, 5], 1.2]);
  assert.equal(wanted.material, 'STAINLESS_304L');
  assert.deepEqual(asked(drawn, { ...typed, kind: 'TUBE', size: '60.3' }).scale.tubeOdMm, 60.3);
});

test('what was kept is drawn again', () => {
  const kept = {
    scale: { strip: true },
    seam: [
      [1, 1],
      [9, 9],
    ],
    clean: null,
    moved: [],
    leftOut: [],
  };
  assert.deepEqual(drawnBy(kept), { ...NOTHING, seam: kept.seam });
  assert.deepEqual(drawnBy({ ...kept, scale: { from: [1, 2], to: [3, 4], mm: 5 } }).scale, [
    [1, 2],
    [3, 4],
  ]);
});

test('toes that do not count are drawn apart', () => {
  assert.deepEqual(
    lines(outline, true).map((run) => run.length),
    [24],
  );
  assert.deepEqual(
    lines(outline, false).map((run) => run.length),
    [3, 3],
  );
  assert.deepEqual(middleAt(outline, 7.4), [70, 40]);
  assert.equal(middleAt([], 3), null);
});

test('a seam grows as the finger goes', () => {
  const seam = withSeam({ ...NOTHING, seam: [[0, 0]] }, [40, 0]).seam;
  assert.equal(seam.length, 2);
});
