// Where a point of a joint's section lies in space: x along the seam, y across it, z from the arc's side into the metal, all mm.
const FULL = 2 * Math.PI;
const WITHIN_RUN = 0.98;
const STEP_MM = 0.05;

const minus = (a, b) => a.map((part, i) => part - b[i]);
const dot = (a, b) => a.reduce((sum, part, i) => sum + part * b[i], 0);
const times = (a, factor) => a.map((part) => part * factor);
export const unit = (a) => times(a, 1 / (Math.hypot(...a) || 1));
export const plus = (...all) => all.reduce((sum, next) => sum.map((part, i) => part + next[i]));
export const scaled = times;
export const cross = (a, b) => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];

// The angle round a tube at a place of its seam; a stretch of a big tube lies about its middle.
function angle(scene, x) {
  if (scene.ring) return (FULL * x) / scene.lengthMm;
  return (x - scene.lengthMm / 2) / scene.radiusMm;
}

// A straight seam, a tube end to end with another, or a tube that stands on a plate or on another tube.
export function mapping(scene) {
  const { attitude, radiusMm, runMm, sinAngle } = scene;
  if (!radiusMm || attitude.about === 'NONE') return (x, y, z) => [x, y, z];
  if (attitude.about === 'ACROSS') {
    return (x, y, z) => {
      const a = angle(scene, x);
      const r = radiusMm - z;
      return [r * Math.sin(a), y, -r * Math.cos(a)];
    };
  }
  if (!runMm) {
    return (x, y, z) => {
      const a = angle(scene, x);
      const r = Math.max(0, radiusMm + y);
      return [r * Math.sin(a), r * Math.cos(a), z];
    };
  }
  const cot = Math.sqrt(Math.max(0, 1 - sinAngle * sinAngle)) / sinAngle;
  return (x, y, z) => {
    const a = angle(scene, x);
    const r = Math.min(WITHIN_RUN * runMm, Math.max(0, radiusMm + y));
    const beside = r * Math.sin(a);
    const drop = runMm - Math.sqrt(runMm * runMm - beside * beside);
    return [beside, (r * Math.cos(a)) / sinAngle + Math.min(0, z) * cot, z + drop];
  };
}

// Directions along the seam, across it and into the metal at a place of the seam.
export function frameAt(scene, x) {
  const at = mapping(scene);
  const here = at(x, 0, 0);
  const along = unit(minus(at(x + STEP_MM, 0, 0), at(x - STEP_MM, 0, 0)));
  const rough = unit(minus(at(x, STEP_MM, 0), at(x, -STEP_MM, 0)));
  const across = unit(minus(rough, times(along, dot(rough, along))));
  return { here, along, across, into: cross(along, across) };
}

// From the root towards the torch, by the lean of the arc's axis over the base.
export function outward({ across, into }, leanDeg) {
  const lean = (leanDeg * Math.PI) / 180;
  return plus(times(across, Math.sin(lean)), times(into, -Math.cos(lean)));
}

// How a torch stands over a place of the seam: the directions there, and which way is out.
export function standAt(scene, x) {
  const frame = frameAt(scene, x);
  return { ...frame, out: outward(frame, scene.leanDeg) };
}

// The directions of the room seen from the joint: right, up, towards the one who looks. A tube that turns keeps the arc where it is.
export function room(scene, arcX) {
  const { attitude, ring, lengthMm } = scene;
  const start = attitude.about === 'NONE' || ring ? 0 : lengthMm / 2;
  const frame = frameAt(scene, attitude.turned ? arcX : start);
  const up = unit(
    plus(times(frame.along, attitude.upX), times(frame.across, attitude.upY), times(frame.into, attitude.upZ)),
  );
  const out = outward(frame, scene.leanDeg);
  const steep = Math.abs(dot(frame.along, up)) > 0.9;
  const towards = unit(minus(out, times(up, dot(out, up))));
  const right = steep ? cross(up, towards) : unit(minus(frame.along, times(up, dot(frame.along, up))));
  return { right, up, towards: cross(right, up) };
}
