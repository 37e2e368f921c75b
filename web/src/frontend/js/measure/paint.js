import { lines } from './marks.js';

const HANDLE_PX = 5;
const SVG = 'http://www.w3.org/2000/svg';

const line = (points) => points.map((point) => point.join(',')).join(' ');

function dot({ kind, at }, step) {
  const circle = document.createElementNS(SVG, 'circle');
  const attributes = { cx: at[0], cy: at[1], r: HANDLE_PX * step, class: `handle ${kind}` };
  Object.entries(attributes).forEach(([name, value]) => circle.setAttribute(name, value));
  return circle;
}

// Draws what was drawn by the finger, the toes that were found, and the handles, in the picture's pixels; step of them make one of the screen.
export function paint({ scale, seam, out, left, right, marks }, { shown, outline, handles, step }) {
  const toes = (side, counts) =>
    lines(outline, counts)
      .map((run) => `M${line(run.map((toe) => toe[side]))}`)
      .join('');
  scale.setAttribute('points', line(shown.scale));
  seam.setAttribute('points', outline.length ? '' : line(shown.seam));
  left.setAttribute('d', toes('left', true));
  right.setAttribute('d', toes('right', true));
  out.setAttribute('d', toes('left', false) + toes('right', false));
  marks.replaceChildren(...handles.map((handle) => dot(handle, step)));
}
