// Draws a score: every lane is a string of SVG, made anew at each change.
import { GUTTER, MARGIN, ampScale, niceStep, timeScale } from './scale.js';

// A pulse narrower than this is not drawn as one: it becomes a band with its rate written in.
export const LEAST_PULSE_PX = 5;

const round = (value) => Math.round(value * 10) / 10;

const escaped = (text) =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]);

export function lanes(height) {
  const fixed = { axis: 22, trigger: 44, gas: 26, wire: 24, travel: 34 };
  const gap = 8;
  const current = height - fixed.axis - fixed.trigger - fixed.gas - fixed.wire - fixed.travel - 5 * gap - 4;
  const order = [
    ['trigger', fixed.trigger],
    ['gas', fixed.gas],
    ['current', current],
    ['wire', fixed.wire],
    ['travel', fixed.travel],
  ];
  const placed = {};
  let y = fixed.axis;
  order.forEach(([name, h]) => {
    placed[name] = { y: y + gap / 2, h };
    y += h + gap;
  });
  return placed;
}

export function envelopeAt(segment, t) {
  const length = segment.t1 - segment.t0;
  return length <= 0 ? segment.a1 : segment.a0 + ((segment.a1 - segment.a0) * (t - segment.t0)) / length;
}

export function backgroundOf(beat, peak) {
  return Math.min(peak, Math.max(beat[4], beat[2] * peak));
}

// The current at a time, read off the drawn stretches.
export function currentAt(segments, t) {
  const segment = segmentAt(segments, t);
  if (!segment || t > segment.t1) return 0;
  const peak = envelopeAt(segment, t);
  if (!segment.beat) return peak;
  const cycles = (t - segment.beat[3]) * segment.beat[0];
  return cycles - Math.floor(cycles) < segment.beat[1] ? peak : backgroundOf(segment.beat, peak);
}

export function segmentAt(segments, t) {
  return segments.find((segment) => segment.t1 > t) ?? segments[segments.length - 1];
}

// Corner points of a pulsed stretch inside the view, as [time, current].
export function pulseCorners(segment, from, to) {
  const [rate, on, , origin] = segment.beat;
  const points = [];
  const first = Math.floor((Math.max(from, segment.t0) - origin) * rate);
  const end = Math.min(to, segment.t1);
  for (let cycle = first; origin + cycle / rate < end; cycle += 1) {
    [
      [cycle / rate, (cycle + on) / rate, false],
      [(cycle + on) / rate, (cycle + 1) / rate, true],
    ].forEach(([a, b, low]) => {
      const t0 = Math.max(origin + a, segment.t0);
      const t1 = Math.min(origin + b, segment.t1);
      if (t1 <= t0) return;
      [t0, t1].forEach((t) => {
        const peak = envelopeAt(segment, t);
        points.push([t, low ? backgroundOf(segment.beat, peak) : peak]);
      });
    });
  }
  return points;
}

export function fits(segment, pxPerS) {
  return pxPerS / segment.beat[0] >= LEAST_PULSE_PX;
}

// The curve of the current, and the bands that stand for pulses too fast to draw.
export function curve(segments, view, time, amp) {
  const bands = [];
  const path = [];
  let pen = null;
  const to = (t, a) => {
    const point = `${round(time.x(t))} ${round(amp.y(a))}`;
    path.push(pen === null ? `M${point}` : `L${point}`);
    pen = point;
  };
  segments.forEach((segment) => {
    if (segment.t1 < view.t0 || segment.t0 > view.t1) return;
    if (segment.beat && !fits(segment, time.pxPerS)) {
      to(segment.t0, segment.a0);
      bands.push(segment);
      to(segment.t1, segment.a1);
    } else if (segment.beat) {
      pulseCorners(segment, view.t0, view.t1).forEach(([t, a]) => to(t, a));
    } else {
      to(segment.t0, segment.a0);
      to(segment.t1, segment.a1);
    }
  });
  return { d: path.join(''), bands };
}

function band(segment, view, time, amp) {
  const t0 = Math.max(view.t0, segment.t0);
  const t1 = Math.min(view.t1, segment.t1);
  const corner = (t, low) => {
    const peak = envelopeAt(segment, t);
    return `${round(time.x(t))} ${round(amp.y(low ? backgroundOf(segment.beat, peak) : peak))}`;
  };
  const area = `M${corner(t0, false)}L${corner(t1, false)}L${corner(t1, true)}L${corner(t0, true)}Z`;
  const width = time.x(t1) - time.x(t0);
  const rate = segment.beat[0];
  const words =
    width > 230
      ? `${round(rate)} pulses a second, ${round(1000 / rate)} ms each: too close to draw`
      : width > 60
        ? `${round(rate)} Hz`
        : '';
  const middle =
    (envelopeAt(segment, (t0 + t1) / 2) + backgroundOf(segment.beat, envelopeAt(segment, (t0 + t1) / 2))) / 2;
  const label = words
    ? `<text class="on-band" x="${round((time.x(t0) + time.x(t1)) / 2)}" y="${round(amp.y(middle) + 5)}" text-anchor="middle">${words}</text>`
    : '';
  return `<path class="band" d="${area}"/>${label}`;
}

function line(cls, x1, y1, x2, y2) {
  return `<path class="${cls}" d="M${round(x1)} ${round(y1)}L${round(x2)} ${round(y2)}"/>`;
}

function text(cls, x, y, words, anchor = 'start') {
  return `<text class="${cls}" x="${round(x)}" y="${round(y)}" text-anchor="${anchor}">${escaped(words)}</text>`;
}

const TOUCHED = { SWITCH: 'trigger', FOOT: 'foot', TOUCH: 'torch' };

function frame(place, width, input) {
  const names = { trigger: TOUCHED[input], gas: 'gas', current: 'current', wire: 'filler', travel: 'travel' };
  return Object.entries(place)
    .map(
      ([name, lane]) =>
        line('lane', GUTTER, lane.y + lane.h, width - MARGIN, lane.y + lane.h) +
        text('lane-name', 0, lane.y + Math.min(lane.h, 44) / 2 + 5, names[name]),
    )
    .join('');
}

function axis(view, time, width) {
  const step = niceStep(70 / time.pxPerS);
  const marks = [];
  for (let t = Math.ceil(view.t0 / step) * step; t <= view.t1 + 1e-9; t += step) {
    const decimals = step < 0.1 ? 2 : step < 1 ? 1 : 0;
    marks.push(
      line('tick', time.x(t), 18, time.x(t), 24) + text('tick-text', time.x(t), 14, t.toFixed(decimals), 'middle'),
    );
  }
  return marks.join('') + text('tick-text', 0, 14, 'time, s') + line('lane', GUTTER, 24, width - MARGIN, 24);
}

function amps(amp, lane, width) {
  const marks = [];
  for (let a = 0; a <= amp.most + 1e-9; a += amp.step) {
    marks.push(
      line('grid', GUTTER, amp.y(a), width - MARGIN, amp.y(a)) +
        text('tick-text', GUTTER - 6, amp.y(a) + 4, `${round(a)}`, 'end'),
    );
  }
  return marks.join('') + text('tick-text', 0, lane.y + lane.h - 2, 'A');
}

function phases(spans, view, time, lane) {
  return spans
    .filter((span) => span.t1 > view.t0 && span.t0 < view.t1 && span.t1 > span.t0)
    .map((span) => {
      const x0 = Math.max(GUTTER, time.x(span.t0));
      const x1 = Math.max(x0, time.x(Math.min(view.t1, span.t1)));
      const room = x1 - x0;
      const words =
        room > span.words.length * 6.6 ? text('phase', (x0 + x1) / 2, lane.y + 12, span.words, 'middle') : '';
      return (span.t0 > view.t0 ? line('edge', x0, lane.y, x0, lane.y + lane.h) : '') + words;
    })
    .join('');
}

function trigger(score, view, time, lane) {
  const top = lane.y + 14;
  const bottom = lane.y + lane.h - 2;
  const level = (share) => bottom - share * (bottom - top);
  const points = [];
  score.segments.forEach((segment) => {
    const ends = score.input === 'FOOT' ? [segment.f0, segment.f1] : [segment.held ? 1 : 0, segment.held ? 1 : 0];
    points.push([segment.t0, ends[0]], [segment.t1, ends[1]]);
  });
  const seen = points.map(([t, share]) => `${round(time.x(t))} ${round(level(share))}`);
  const shape = seen.length
    ? `<path class="held" d="M${round(time.x(points[0][0]))} ${bottom}L${seen.join('L')}L${round(time.x(points[points.length - 1][0]))} ${bottom}Z"/><path class="touch-line" d="M${seen.join('L')}"/>`
    : '';
  let free = -Infinity;
  const words = score.touches
    .filter((touch) => touch.words && touch.t >= view.t0 && touch.t <= view.t1)
    .map((touch) => {
      const x = time.x(touch.t);
      const fitsHere = x + 3 > free;
      if (fitsHere) free = x + touch.words.length * 7 + 8;
      return (
        line('touch-mark', x, lane.y + 2, x, bottom) +
        (fitsHere ? text('touch-word', x + 3, lane.y + 11, touch.words) : '')
      );
    })
    .join('');
  return shape + words;
}

function gas(segments, time, lane) {
  return runs(segments, (segment) => segment.gas)
    .map(
      ([t0, t1]) =>
        `<rect class="gas-flow" x="${round(time.x(t0))}" y="${lane.y + 3}" width="${round(Math.max(0, time.x(t1) - time.x(t0)))}" height="${lane.h - 6}"/>`,
    )
    .join('');
}

// Runs of time in which something is so.
export function runs(segments, so) {
  const found = [];
  segments.filter(so).forEach((segment) => {
    const last = found[found.length - 1];
    if (last && Math.abs(last[1] - segment.t0) < 1e-9) last[1] = segment.t1;
    else found.push([segment.t0, segment.t1]);
  });
  return found.filter(([t0, t1]) => t1 > t0);
}

function wire(score, view, time, lane) {
  if (!score.wire) return text('lane-note', GUTTER + 8, lane.y + lane.h / 2 + 5, 'no filler');
  const welding = runs(score.segments, (segment) => segment.phase === 'WELD' || segment.phase === 'SECOND_CURRENT');
  if (!score.dabsPerS || time.pxPerS / score.dabsPerS < 4) {
    const words = score.dabsPerS ? `${round(score.dabsPerS)} dabs a second` : 'lay wire';
    return welding
      .map(
        ([t0, t1]) =>
          `<rect class="wire-laid" x="${round(time.x(t0))}" y="${lane.y + 6}" width="${round(time.x(t1) - time.x(t0))}" height="${lane.h - 12}"/>` +
          text('lane-note', time.x(Math.max(t0, view.t0)) + 6, lane.y + lane.h / 2 + 5, words),
      )
      .join('');
  }
  return score.dabs
    .filter((t) => t >= view.t0 && t <= view.t1)
    .map((t) => line('dab', time.x(t), lane.y + 4, time.x(t) + 5, lane.y + lane.h - 4))
    .join('');
}

// The torch travels while it welds; over spots it stands, and moves on in the pauses.
function travel(score, time, lane) {
  const moving = runs(score.segments, (segment) =>
    score.tack ? segment.phase === 'ARC_OUT' : segment.phase === 'WELD' || segment.phase === 'SECOND_CURRENT',
  );
  const whole = moving.reduce((sum, [t0, t1]) => sum + t1 - t0, 0);
  if (!whole) return text('lane-note', GUTTER + 8, lane.y + lane.h / 2 + 5, 'torch at rest');
  let done = 0;
  const y = (share) => lane.y + lane.h - 3 - share * (lane.h - 8);
  const points = moving.flatMap(([t0, t1]) => {
    const from = done / whole;
    done += t1 - t0;
    return [`${round(time.x(t0))} ${round(y(from))}`, `${round(time.x(t1))} ${round(y(done / whole))}`];
  });
  const end = moving[moving.length - 1][1];
  return (
    `<path class="travel-line" d="M${points.join('L')}"/>` +
    text('lane-note', time.x(end) + 16, lane.y + 12, score.seam)
  );
}

// The whole drawing. `tried` is a hand's own run, laid over the plan.
export function draw(score, view, size, tried) {
  const place = lanes(size.height);
  const time = timeScale(view, size.width);
  const amp = ampScale(score.topA, place.current);
  const here = curve(score.segments, view, time, amp);
  const other = score.other ? `<path class="curve other" d="${curve(score.other, view, time, amp).d}"/>` : '';
  const own = tried ? `<path class="curve tried" d="${curve(tried, view, time, amp).d}"/>` : '';
  const shown = `<clipPath id="score-clip"><rect x="${GUTTER}" y="0" width="${Math.max(0, size.width - GUTTER - 2)}" height="${size.height}"/></clipPath>`;
  return (
    shown +
    frame(place, size.width, score.input) +
    axis(view, time, size.width) +
    amps(amp, place.current, size.width) +
    `<g clip-path="url(#score-clip)">` +
    phases(score.spans, view, time, place.current) +
    trigger(score, view, time, place.trigger) +
    gas(score.segments, time, place.gas) +
    other +
    here.bands.map((segment) => band(segment, view, time, amp)).join('') +
    `<path class="curve${tried ? ' planned' : ''}" d="${here.d}"/>` +
    own +
    wire(score, view, time, place.wire) +
    travel(score, time, place.travel) +
    `</g>`
  );
}
