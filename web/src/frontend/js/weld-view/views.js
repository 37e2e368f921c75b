// From where the weld is looked at: named places, so far out, along the seam and across it from the arc.
import { plus, scaled, standAt, unit } from './mapping.js';

const CLOSE_MM = 62;
// Once the torch is gone one looks at so much of the way.
const BEAD_AT = 0.6;
const NARROW = 1.2;
const BACK_WHEN_NARROW = 1.35;

// How each named view looks at the arc: so far out, along the seam and across it, from how far away.
const VIEWS = {
  side: { out: 0.5, along: 0.5, across: 0.7, mm: CLOSE_MM },
  // Between two members the torch side is seen from before the torch, which hides the pool from above.
  corner: { out: 0.5, along: 0.72, across: 0.22, mm: CLOSE_MM },
  seam: { out: 0.62, along: -0.9, across: 0.06, mm: 58 },
  back: { out: -0.85, along: -0.2, across: 0.5, mm: 55 },
  section: { out: 0.3, along: 1, across: 0.16, mm: 44 },
  whole: { out: 0.85, along: -0.35, across: 0.85, mm: 0 },
};

// Where along the seam one looks: at the arc; at the cut; once the torch is gone, at the bead.
function looksAt({ scene, moment }, name, cutX) {
  if (name === 'section' && cutX !== null) return cutX;
  return moment?.lifted ? scene.startMm + BEAD_AT * scene.goesMm : (moment?.x ?? scene.startMm);
}

function wholeMm({ radiusMm, lengthMm }) {
  return Math.max(radiusMm ? 3.2 * radiusMm + 60 : 0.9 * lengthMm + 70, 110);
}

// Where the eye is and what it looks at, in the joint's own frame; whether the torch would stand before it.
export function viewFrom(name, model, { cutX, aspect }) {
  const { scene } = model;
  const look = name === 'side' && scene.leanDeg > 0 ? VIEWS.corner : VIEWS[name];
  const standing = standAt(scene, looksAt(model, name, cutX));
  const inside = name === 'back' && scene.radiusMm > 0;
  const direction = unit(
    plus(scaled(standing.out, look.out), scaled(standing.along, look.along), scaled(standing.across, look.across)),
  );
  const away = name === 'whole' ? 1.25 * wholeMm(scene) : inside ? Math.min(look.mm, 1.75 * scene.radiusMm) : look.mm;
  const target = name === 'whole' && !scene.radiusMm ? [scene.lengthMm / 2, 0, 0] : standing.here;
  const eye = plus(target, scaled(direction, away * (aspect < NARROW ? BACK_WHEN_NARROW : 1)));
  return { target, eye, torchBefore: name === 'seam' || inside };
}
