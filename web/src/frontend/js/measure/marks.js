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

// The middle of the bead at a distance along it; nothing where no bead is seen.
export function middleAt(outline, mm) {
  if (!outline.length) return null;
  const { left, right } = outline.reduce((best, toe) => (Math.abs(toe.mm - mm) < Math.abs(best.mm - mm) ? toe : best));
  return [(left[0] + right[0]) / 2, (left[1] + right[1]) / 2];
}

// Runs of toes that are drawn as one line: those that count, and between them those that do not.
export function lines(outline, counts) {
  const runs = [];
  outline.forEach((toe, i) => {
    if (toe.counts !== counts) return;
    if (i === 0 || outline[i - 1].counts !== counts) runs.push([]);
    runs[runs.length - 1].push(toe);
  });
  return runs;
}
