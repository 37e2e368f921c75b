// What stands there before the weld: members as solids, laid along the seam.
import { BufferGeometry, Float32BufferAttribute } from 'three';
import { mapping } from './mapping.js';

const PIECE_MM = 1.5;
const RING_STEPS = 144;
const NEAR_MM = 0.06;

// A sheet of points in rows as triangles; `closed` joins the last row to the first.
export function sheetIndex(rows, across, closed, skip) {
  const index = [];
  for (let row = 0; row < rows - (closed ? 0 : 1); row += 1) {
    const next = (row + 1) % rows;
    for (let i = 0; i < across - 1; i += 1) {
      if (skip?.(row, i)) continue;
      const [a, b, c, d] = [row * across + i, row * across + i + 1, next * across + i, next * across + i + 1];
      index.push(a, c, b, b, c, d);
    }
  }
  return index;
}

// Whether a point of a section lies on one of the faces that are drawn by themselves.
function onFace([y, z], faces) {
  return faces.some((face) =>
    face.some(([y1, z1], i) => {
      if (!i) return false;
      const [y0, z0] = face[i - 1];
      const length = (y1 - y0) ** 2 + (z1 - z0) ** 2;
      const share = length ? Math.max(0, Math.min(1, ((y - y0) * (y1 - y0) + (z - z0) * (z1 - z0)) / length)) : 0;
      return Math.hypot(y - y0 - share * (y1 - y0), z - z0 - share * (z1 - z0)) < NEAR_MM;
    }),
  );
}

// Corners of a section, and between them the places where a face that is drawn by itself ends.
function splitAt(corners, ends) {
  return corners.flatMap((from, i) => {
    const to = corners[(i + 1) % corners.length];
    const [dy, dz] = [to.y - from.y, to.z - from.z];
    const length = Math.hypot(dy, dz);
    const shares = ends
      .map(([y, z]) => [((y - from.y) * dy + (z - from.z) * dz) / length ** 2, (y - from.y) * dz - (z - from.z) * dy])
      .filter(([share, away]) => share > 0 && share < 1 && Math.abs(away) < NEAR_MM * length)
      .map(([share]) => share)
      .sort((a, b) => a - b);
    return [from, ...shares.map((share) => ({ y: from.y + share * dy, z: from.z + share * dz }))];
  });
}

function piecesOf(corners) {
  return corners.flatMap(({ y, z }, i) => {
    const to = corners[(i + 1) % corners.length];
    const count = Math.max(1, Math.ceil(Math.hypot(to.y - y, to.z - z) / PIECE_MM));
    return Array.from({ length: count }, (_, k) => [
      [y + ((to.y - y) * k) / count, z + ((to.z - z) * k) / count],
      [y + ((to.y - y) * (k + 1)) / count, z + ((to.z - z) * (k + 1)) / count],
    ]);
  });
}

// Places along the seam at which a joint is drawn.
function stations({ radiusMm, lengthMm, ring }) {
  const steps = radiusMm ? RING_STEPS : 1;
  return Array.from({ length: steps + (ring ? 0 : 1) }, (_, i) => (i * lengthMm) / steps);
}

// One member, without the faces that are drawn by themselves; its ends closed where the seam is open.
export function memberGeometry(scene, corners, faces) {
  const at = mapping(scene);
  const places = stations(scene);
  const points = [];
  const index = [];
  const ends = faces.flatMap((face) => [face[0], face[face.length - 1]]);
  for (const [from, to] of piecesOf(splitAt(corners, ends))) {
    if (onFace(from, faces) && onFace(to, faces)) continue;
    const first = points.length / 3;
    for (const x of places) points.push(...at(x, ...from), ...at(x, ...to));
    index.push(...sheetIndex(places.length, 2, scene.ring).map((i) => first + i));
  }
  if (!scene.ring) {
    for (const x of [0, scene.lengthMm]) {
      const first = points.length / 3;
      corners.forEach(({ y, z }) => points.push(...at(x, y, z)));
      for (let i = 1; i < corners.length - 1; i += 1) index.push(first, first + i, first + i + 1);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new Float32BufferAttribute(points, 3));
  geometry.setIndex(index);
  geometry.computeVertexNormals();
  return geometry;
}
