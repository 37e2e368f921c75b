// Temperatures on a face: planes of bytes by column and place, read between them. A mirrored face has one half only.
import { between } from '../rehearse/paint.js';

// Which four bytes stand round a place of a face, and how much of each: worked out once, read at every picture.
export function readers(layout, places, points) {
  const { columns, columnMm, mirrored, ring } = layout;
  const count = places.length;
  const at = new Uint32Array(4 * points.length);
  const share = new Float32Array(4 * points.length);
  points.forEach(([x, place], n) => {
    const [low, high, across] = between(places, mirrored ? Math.abs(place) : place);
    const along = x / columnMm - 0.5;
    const floor = Math.floor(along);
    const column = (i) => (ring ? (i + columns) % columns : Math.max(0, Math.min(columns - 1, i)));
    const part = along - floor;
    [
      [column(floor), low, (1 - part) * (1 - across)],
      [column(floor), high, (1 - part) * across],
      [column(floor + 1), low, part * (1 - across)],
      [column(floor + 1), high, part * across],
    ].forEach(([i, k, weight], corner) => {
      at[4 * n + corner] = i * count + k;
      share[4 * n + corner] = weight;
    });
  });
  return { at, share, length: points.length };
}

export function read(reader, planes, offset, n) {
  const { at, share } = reader;
  let sum = 0;
  for (let corner = 4 * n; corner < 4 * n + 4; corner += 1) sum += share[corner] * planes[offset + at[corner]];
  return sum;
}

// The way along an old face as points by place, and where a place lies on it. Facets lie beside a corner's root: it is put between them.
export function oldFace(places, points, mirrored, root) {
  const all = places.map((place, i) => [place, points[i].y, points[i].z]);
  if (mirrored) all.unshift(...all.map(([place, y, z]) => [-place, -y, z]).reverse());
  else if (root)
    all.splice(
      all.findIndex(([place]) => place > 0),
      0,
      [0, 0, 0],
    );
  const known = all.map(([place]) => place);
  return {
    places: known,
    at(place) {
      const [low, high, share] = between(known, place);
      return [all[low][1] + share * (all[high][1] - all[low][1]), all[low][2] + share * (all[high][2] - all[low][2])];
    },
  };
}
