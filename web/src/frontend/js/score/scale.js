// Where times and currents stand on the page.
export const GUTTER = 86;
export const MARGIN = 14;

// What the view shows after the last of a score, s.
export const REST_S = 0.5;

const NICE = [1, 2, 5];

// The smallest of 1, 2, 5 · 10^n that is at least a value.
export function niceStep(least) {
  const power = 10 ** Math.floor(Math.log10(least));
  return [...NICE, 10].map((digit) => digit * power).find((step) => step >= least * (1 - 1e-9));
}

export function timeScale(view, width) {
  const span = view.t1 - view.t0;
  const room = width - GUTTER - MARGIN;
  return {
    x: (t) => GUTTER + ((t - view.t0) / span) * room,
    t: (x) => view.t0 + ((x - GUTTER) / room) * span,
    pxPerS: room / span,
  };
}

export function ampScale(top, lane) {
  const step = niceStep(top / 4);
  const most = Math.ceil((top * 1.08) / step) * step;
  return {
    y: (a) => lane.y + lane.h - (a / most) * lane.h,
    a: (y) => ((lane.y + lane.h - y) / lane.h) * most,
    step,
    most,
  };
}

// The view moved closer to, or away from, a time; never wider than the whole, never closer than a twentieth of a second.
export function zoomed(view, around, factor, length) {
  const span = Math.min(length, Math.max(0.05, (view.t1 - view.t0) * factor));
  const share = (around - view.t0) / (view.t1 - view.t0);
  return kept({ t0: around - share * span, t1: around + (1 - share) * span }, length);
}

export function kept(view, length) {
  const span = Math.min(length, view.t1 - view.t0);
  const t0 = Math.min(Math.max(0, view.t0), length - span);
  return { t0, t1: t0 + span };
}
