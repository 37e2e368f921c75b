// Runs a cursor through a score in real time.
export const PACES = [0.25, 0.5, 1, 2, 4];

export function player(show, ended) {
  let started = 0;
  let from = 0;
  let pace = 1;
  let length = 0;
  let running = false;

  const at = () => from + ((performance.now() - started) / 1000) * pace;

  function step() {
    if (!running) return;
    const t = Math.min(length, at());
    show(t);
    if (t >= length) {
      running = false;
      ended();
    } else {
      requestAnimationFrame(step);
    }
  }

  return {
    start(t, until, factor) {
      from = t;
      length = until;
      pace = factor;
      started = performance.now();
      running = true;
      requestAnimationFrame(step);
    },
    setPace(factor) {
      from = at();
      started = performance.now();
      pace = factor;
    },
    stop() {
      running = false;
    },
  };
}

// Width of the pool at a time, between the points the server gave.
export function poolAt(points, t) {
  let before = points[0];
  for (const point of points) {
    if (point[0] > t) {
      const gap = point[0] - before[0];
      return gap > 0 ? before[1] + ((point[1] - before[1]) * (t - before[0])) / gap : point[1];
    }
    before = point;
  }
  return before[1];
}
