import { middleAt, nearest, spaced } from './marks.js';

// What a finger has drawn on a photograph, and the handles by which it is put right. Places are pixels of the picture.

export const NOTHING = Object.freeze({ scale: [], seam: [], clean: null, moved: [], leftOut: [] });

const NEAR = 14;
const LEAST_OUT_MM = 1;
const EVERY = 6;

// A finger is no finer than a tenth: what is kept is what was measured.
const tenth = (value) => Math.round(10 * value) / 10;

export const within = (value, most) => tenth(Math.max(0, Math.min(most, value)));

// From what was asked before.
export function drawnBy({ scale, seam, clean, moved, leftOut }) {
  return { scale: scale.from ? [scale.from, scale.to] : [], seam, clean: clean || null, moved, leftOut };
}

// Everything that can be taken hold of; toes only where they are seen, and not while the seam is being drawn.
export function handlesOf(drawn, outline, mode) {
  const points = (kind, places) => places.map((at, index) => ({ kind, index, at }));
  const toes = outline.filter((toe, i) => toe.counts && i % EVERY === 0);
  const seen = mode === 'SEAM' ? [] : [...toes.map((toe) => toe.left), ...toes.map((toe) => toe.right)];
  const ends = drawn.leftOut.flatMap(({ fromMm, toMm }, index) =>
    [fromMm, toMm].map((mm, end) => ({ kind: 'out', index, end, at: middleAt(outline, mm) })),
  );
  return [
    ...points('scale', drawn.scale),
    ...points('clean', drawn.clean ? [drawn.clean] : []),
    ...points('moved', drawn.moved),
    ...ends.filter((handle) => handle.at),
    ...points('seam', outline.length ? [] : drawn.seam),
    ...points('toe', seen),
  ];
}

// The nearest handle within reach.
export function grabbed(handles, [x, y], reach) {
  const far = ({ at }) => Math.hypot(at[0] - x, at[1] - y);
  const best = handles.reduce((near, handle) => (!near || far(handle) < far(near) ? handle : near), null);
  return best && far(best) <= reach ? best : null;
}

const replaced = (places, index, place) => places.map((old, i) => (i === index ? place : old));

// With a handle moved to a place. A toe that is moved becomes one that a person has put right.
export function withMoved(drawn, { kind, index, end }, place, outline) {
  if (kind === 'clean') return { ...drawn, clean: place };
  if (kind === 'toe') return { ...drawn, moved: [...drawn.moved, place] };
  if (kind !== 'out') return { ...drawn, [kind]: replaced(drawn[kind], index, place) };
  const { fromMm, toMm } = drawn.leftOut[index];
  const mm = Math.max(0, nearest(outline, place));
  const ends = end === 0 ? [mm, toMm] : [fromMm, mm];
  return { ...drawn, leftOut: replaced(drawn.leftOut, index, stretch(...ends)).filter(isLong) };
}

function stretch(one, other) {
  return { fromMm: tenth(Math.min(one, other)), toMm: tenth(Math.max(one, other)) };
}

// Ends brought together leave nothing out.
function isLong({ fromMm, toMm }) {
  return toMm - fromMm >= LEAST_OUT_MM;
}

// What a press and its release at two places mean, by what the finger does.
export function withDrawn(drawn, mode, from, to, outline) {
  if (mode === 'SCALE') return { ...drawn, scale: drawn.scale.length === 1 ? [drawn.scale[0], to] : [to] };
  if (mode === 'CLEAN') return { ...drawn, clean: to };
  if (mode === 'TOE') return { ...drawn, moved: [...drawn.moved, to] };
  if (mode !== 'OUT' || !outline.length) return drawn;
  const ends = [from, to].map((place) => Math.max(0, nearest(outline, place)));
  return { ...drawn, leftOut: [...drawn.leftOut, stretch(...ends)].filter(isLong) };
}

// A seam that goes on being drawn.
export function withSeam(drawn, place) {
  return { ...drawn, seam: spaced(drawn.seam, place, NEAR) };
}

// What is asked of the server. A size is typed in the shop's unit.
export function asked(drawn, { kind, size, mmPerUnit, dabs, material }) {
  const number = (text) => Number(text.trim().replace(',', '.'));
  const [from, to] = drawn.scale;
  const mm = number(size) * mmPerUnit;
  const scale = { POINTS: { from, to, mm }, TUBE: { from, to, tubeOdMm: mm }, STRIP: { strip: true } }[kind];
  const dabHz = number(dabs);
  return {
    scale,
    moved: drawn.moved,
    leftOut: drawn.leftOut,
    ...(drawn.seam.length > 1 && { seam: drawn.seam }),
    ...(drawn.clean && { clean: drawn.clean }),
    ...(material && { material }),
    ...(dabHz > 0 && { dabHz }),
  };
}
