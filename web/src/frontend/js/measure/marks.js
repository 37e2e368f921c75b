// The toes as the server writes them: "mm leftX leftY rightX rightY counts", divided by semicolons.
export function marked(text) {
  return (text || '')
    .split(';')
    .filter(Boolean)
    .map((place) => place.split(' ').map(Number))
    .map(([mm, lx, ly, rx, ry, counts]) => ({ mm, left: [lx, ly], right: [rx, ry], counts: counts === 1 }));
}

function distance([x, y], [u, v]) {
  return Math.hypot(x - u, y - v);
}

// How far along the bead a place of the picture lies, mm.
export function nearest(outline, place) {
  const middle = (toe) => [(toe.left[0] + toe.right[0]) / 2, (toe.left[1] + toe.right[1]) / 2];
  return outline.reduce((best, toe) => (distance(middle(toe), place) < distance(middle(best), place) ? toe : best)).mm;
}

// A line that is drawn goes on where the finger has gone far enough; at most a hundred places.
export function spaced(line, place, near) {
  const far = distance(line[line.length - 1], place) >= near;
  return far && line.length < 100 ? [...line, place] : line;
}
