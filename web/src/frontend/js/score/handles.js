// Handles of a score: where they stand, what a pull or a key makes of their figure.
import { GUTTER, MARGIN, ampScale, timeScale } from './scale.js';
import { lanes } from './draw.js';

const NS = 'http://www.w3.org/2000/svg';
const KEYS = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 };

export function decimalsOf(step) {
  return step >= 1 ? 0 : step >= 0.1 ? 1 : 2;
}

// A figure on the panel's own steps, inside what can be asked.
export function stepped(value, place) {
  const inside = Math.min(place.max, Math.max(place.min, value));
  return Number((Math.round(inside / place.step) * place.step).toFixed(decimalsOf(place.step)));
}

export function pulled(place, dxS, dyA) {
  return stepped(place.value + (place.axis === 'TIME' ? dxS : dyA) * place.scale, place);
}

export function nudged(place, key) {
  return key in KEYS ? stepped(place.value + KEYS[key] * place.step, place) : null;
}

// A key pressed while an answer was on its way is what the next key goes on from.
export function goOnFrom(pressed, places) {
  places
    .filter((place) => place.field in pressed)
    .forEach((place) => {
      place.value = pressed[place.field];
    });
}

// What is put into the field: with its unit, so that it means the same in either unit system.
export function typedText(value, place) {
  return `${value.toFixed(decimalsOf(place.step))} ${place.symbol}`;
}

export function spot(place, view, size, top) {
  const lane = lanes(size.height);
  const time = timeScale(view, size.width);
  const amp = ampScale(top, lane.current);
  const y = {
    current: () => amp.y(place.a),
    pulse: () => amp.y(place.a),
    gas: () => lane.gas.y + lane.gas.h / 2,
    trigger: () => lane.trigger.y + lane.trigger.h - 14,
    travel: () => lane.travel.y + 5,
  }[place.lane]();
  return { x: time.x(place.t) + place.dx, y, time, amp };
}

function bracket(place, at) {
  if (!place.bracket) return '';
  const low = (place.low - place.value) / place.scale;
  const high = (place.high - place.value) / place.scale;
  const cross = (side) => (place.passed === side ? `<path class="struck" d="M-7 -7L7 7"/>` : '');
  const across = place.axis === 'TIME';
  const [a, b] = across
    ? [low * at.time.pxPerS, high * at.time.pxPerS]
    : [at.amp.y(place.a + low) - at.y, at.amp.y(place.a + high) - at.y];
  const arm = across ? ['M5 -13H0V13H5', 'M-5 -13H0V13H-5'] : ['M-13 -5V0H13V-5', 'M-13 5V0H13V5'];
  const move = (distance) => (across ? `translate(${distance.toFixed(1)} 0)` : `translate(0 ${distance.toFixed(1)})`);
  return `<g transform="${move(a)}"><path d="${arm[0]}"/>${cross('low')}</g><g transform="${move(b)}"><path d="${arm[1]}"/>${cross('high')}</g>`;
}

// Keeps one focusable element a handle, so that focus stays where it is while the score changes.
export function placeHandles(svg, score, view, size, grabbed) {
  const gone = new Set([...svg.children]);
  score.handles.forEach((place) => {
    const at = spot(place, view, size, score.topA);
    const id = `handle-${place.field}`;
    let handle = svg.querySelector(`[id="${id}"]`);
    if (!handle) {
      handle = document.createElementNS(NS, 'g');
      handle.id = id;
      handle.innerHTML =
        '<rect class="reach" x="-22" y="-22" width="44" height="44"/><g class="window"></g><path class="grip"/><text class="said"></text>';
      handle.setAttribute('tabindex', '0');
      handle.setAttribute('role', 'slider');
      svg.append(handle);
    }
    gone.delete(handle);
    const fits = place.lane !== 'pulse' || (100 / place.scale) * at.time.pxPerS > 24;
    const seen = fits && at.x >= GUTTER - 1 && at.x <= size.width - MARGIN + 1;
    handle.style.display = seen ? '' : 'none';
    const held = grabbed && grabbed.field === place.field;
    handle.dataset.field = place.field;
    handle.setAttribute(
      'class',
      `handle ${place.axis.toLowerCase()}${place.refused ? ' refused' : ''}${place.own ? ' own' : ''}${place.passed ? ' out' : ''}${held ? ' held' : ''}`,
    );
    handle.setAttribute('transform', `translate(${at.x.toFixed(1)} ${at.y.toFixed(1)})`);
    handle.setAttribute('aria-label', place.label);
    handle.setAttribute('aria-valuenow', place.value);
    handle.setAttribute('aria-valuemin', place.min);
    handle.setAttribute('aria-valuemax', place.max);
    handle.setAttribute('aria-valuetext', [place.text, place.refused, place.warning].filter(Boolean).join('. '));
    const [, frame, grip, said] = handle.children;
    grip.setAttribute('d', place.axis === 'TIME' ? 'M-5 -11H5V11H-5Z' : 'M-11 -5H11V5H-11Z');
    frame.innerHTML = bracket(place, at);
    said.textContent = place.refused ? `${place.label}: ${place.refused}` : `${place.label} ${place.text}`;
    const right = at.x < size.width - (place.refused ? 460 : 190);
    said.setAttribute('x', right ? 16 : -16);
    said.setAttribute('y', at.y < 60 ? 30 : -14);
    said.setAttribute('text-anchor', right ? 'start' : 'end');
  });
  gone.forEach((handle) => handle.remove());
}
