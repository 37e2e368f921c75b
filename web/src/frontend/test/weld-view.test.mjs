import assert from 'node:assert/strict';
import test from 'node:test';
import { surface } from '../js/weld-view/decode.js';
import { oldFace, read, readers } from '../js/weld-view/faces.js';
import { glows, helmetGlows, throughShade, tints } from '../js/weld-view/heat.js';
import { frameAt, mapping, outward, room } from '../js/weld-view/mapping.js';

const near = (actual, expected, within = 1e-6) =>
  actual.forEach((part, i) => assert.ok(Math.abs(part - expected[i]) < within, `${actual} is not ${expected}`));

const STRAIGHT = { attitude: { about: 'NONE', upX: 0, upY: 0, upZ: -1, turned: false }, lengthMm: 100, leanDeg: 0 };
const TUBE = {
  attitude: { about: 'ACROSS', upX: 0, upY: 0, upZ: -1, turned: false },
  lengthMm: 2 * Math.PI * 20,
  radiusMm: 20,
  ring: true,
  leanDeg: 0,
};

test('a straight seam lies as its section says', () => {
  assert.deepEqual(mapping(STRAIGHT)(7, 3, -2), [7, 3, -2]);
});

test('round a tube a quarter of the seam is a quarter of a turn, and into the metal is towards the axis', () => {
  const at = mapping(TUBE);
  near(at(0, 5, 0), [0, 5, -20]);
  near(at(TUBE.lengthMm / 4, 5, 2), [18, 5, 0]);
});

test('a tube that stands on a plate has its seam round it, and on another tube it follows the saddle', () => {
  const plate = { ...TUBE, attitude: { ...TUBE.attitude, about: 'INTO' } };
  near(mapping(plate)(0, 3, 1), [0, 23, 1]);
  const saddle = { ...plate, runMm: 32, sinAngle: 1 };
  near(mapping(saddle)(0, 0, 0), [0, 20, 0]);
  near(mapping(saddle)(TUBE.lengthMm / 4, 0, 0), [20, 0, 32 - Math.sqrt(32 * 32 - 400)]);
});

test('directions at a place of the seam stand at right angles, and a fillet looks out between its members', () => {
  const { along, across, into } = frameAt(TUBE, TUBE.lengthMm / 4);
  near(along, [0, 0, 1], 1e-3);
  near(across, [0, 1, 0], 1e-3);
  near(into, [-1, 0, 0], 1e-3);
  near(outward(frameAt(STRAIGHT, 50), 45), [0, Math.SQRT1_2, -Math.SQRT1_2], 1e-6);
});

test('a joint welded flat has up above it, one welded upright has its seam standing', () => {
  near(room(STRAIGHT, 0).up, [0, 0, -1]);
  near(room(STRAIGHT, 0).right, [1, 0, 0]);
  const upright = { ...STRAIGHT, attitude: { ...STRAIGHT.attitude, upX: 1, upZ: 0 } };
  near(room(upright, 0).up, [1, 0, 0]);
  near(room(upright, 0).towards, [0, 0, -1]);
  const turned = { ...TUBE, attitude: { ...TUBE.attitude, turned: true } };
  near(room(turned, TUBE.lengthMm / 4).up, [1, 0, 0], 1e-3);
});

test('lengths and times come out of their bytes, and what has not come to pass is infinite', () => {
  const shorts = (...values) => Buffer.from(Int16Array.from(values).buffer).toString('base64');
  const strip = { across: 2, y: shorts(200, -200), z: shorts(0, 1), place: shorts(3, 4), frozen: shorts(20, -1) };
  const told = {
    lines: 1,
    stepMm: 0.2,
    unitMm: 0.005,
    unitS: 0.05,
    front: strip,
    back: strip,
    melted: shorts(10),
    width: shorts(800),
    backWidth: shorts(0),
    holes: Buffer.from([1]).toString('base64'),
  };
  const bead = surface(told);
  near([...bead.front.y], [1, -1], 1e-5);
  assert.equal(bead.front.frozen[0], 1);
  assert.equal(bead.front.frozen[1], Infinity);
  near([bead.melted[0], bead.width[0], bead.holes[0]], [0.5, 4, 1], 1e-5);
});

test('a temperature is read between columns and places, on a mirrored face to both sides', () => {
  const layout = { columns: 2, columnMm: 1, mirrored: true, ring: false };
  const reader = readers(
    layout,
    [0, 2],
    [
      [1, 1],
      [1, -1],
      [9, 0],
    ],
  );
  const planes = Uint8Array.from([0, 100, 100, 200]);
  assert.equal(read(reader, planes, 0, 0), 100);
  assert.equal(read(reader, planes, 0, 1), 100);
  assert.equal(read(reader, planes, 0, 2), 100);
});

test('an old face goes through the root of a corner, and a mirrored one to both sides', () => {
  const corner = oldFace(
    [-1, 1],
    [
      { y: 0, z: -1 },
      { y: 1, z: 0 },
    ],
    false,
    true,
  );
  near(corner.at(0), [0, 0]);
  near(corner.at(0.5), [0.5, 0]);
  const plate = oldFace(
    [1, 3],
    [
      { y: 1, z: 0 },
      { y: 3, z: 0 },
    ],
    true,
    true,
  );
  near(plate.at(-2), [-2, 0]);
});

test('hot metal shines the more the hotter it is; through a helmet only what is near melting does', () => {
  const day = glows(1500, 7);
  const red = (table, celsius) => table[3 * Math.round(celsius / 7)];
  assert.equal(red(day, 400), 0);
  assert.ok(red(day, 900) > 0 && red(day, 1200) > red(day, 900) && red(day, 1600) > red(day, 1200));
  const helmet = helmetGlows(1500, 7);
  assert.ok(red(helmet, 900) < 0.01 * red(helmet, 1500));
  assert.ok(Math.abs(throughShade(11, 11) - 1) < 1e-9);
  assert.ok(Math.abs(throughShade(12, 11) - 10 ** (-3 / 7)) < 1e-9);
  assert.equal(tints('STEEL', 7)[4 * 100 + 3], 0);
  assert.ok(tints('TITANIUM', 7)[4 * 100 + 3] > 0);
});
