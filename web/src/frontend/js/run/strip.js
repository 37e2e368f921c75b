// The live strip: what is read, drawn through, over the score's current, dashed. It shows the last half minute, or as much as the score takes.
const LEAST_S = 30;
const KEPT = 3000;
const ON_A = 1;

export function points(text) {
  return text.split(' ').map((pair) => pair.split(',').map(Number));
}

// Where the score begins in the time of the run: so that its strike falls on the first reading of an arc.
export function offset(planned, first) {
  const struck = planned.find(([, a]) => a > ON_A);
  return first === null || !struck ? 0 : first - struck[0];
}

export function strip(canvas, told, topA) {
  const planned = points(told);
  const length = Math.max(LEAST_S, planned[planned.length - 1][0]);
  let readings = [];
  let first = null;
  let highest = topA;

  function read(more) {
    more.forEach(([s, a]) => {
      const before = readings[readings.length - 1];
      if (a > ON_A && (first === null || (before && s - before[0] > 20))) first = first === null ? s : first;
      highest = Math.max(highest, 1.1 * a);
    });
    readings = readings.concat(more).slice(-KEPT);
    const [s, a] = readings[readings.length - 1] ?? [];
    if (s !== undefined)
      canvas.setAttribute('aria-label', `${canvas.dataset.shows}; ${Math.round(a)} A at ${Math.round(s)} s`);
  }

  function draw(nowS) {
    const ratio = window.devicePixelRatio || 1;
    const width = canvas.clientWidth;
    const height = canvas.clientHeight;
    if (!width || !height) return;
    if (canvas.width !== Math.round(width * ratio)) canvas.width = Math.round(width * ratio);
    if (canvas.height !== Math.round(height * ratio)) canvas.height = Math.round(height * ratio);
    const style = getComputedStyle(canvas);
    const pen = canvas.getContext('2d');
    const chalk = style.getPropertyValue('--chalk');
    const faint = style.getPropertyValue('--faint');
    pen.setTransform(ratio, 0, 0, ratio, 0, 0);
    pen.clearRect(0, 0, width, height);
    const shift = offset(planned, first);
    const lastS = readings.length ? readings[readings.length - 1][0] : 0;
    const from = first === null ? 0 : Math.max(shift, Math.min(nowS, lastS) - length);
    const x = (s) => 40 + ((s - from) / length) * (width - 50);
    const y = (a) => height - 18 - (a / highest) * (height - 30);
    pen.strokeStyle = pen.fillStyle = faint;
    pen.lineWidth = 1;
    pen.font = '13px "Archivo Narrow", sans-serif';
    [0, 0.5, 1].forEach((share) => {
      const a = Math.round((share * topA) / 1.25);
      pen.globalAlpha = 0.5;
      pen.beginPath();
      pen.moveTo(40, y(a));
      pen.lineTo(width - 10, y(a));
      pen.stroke();
      pen.globalAlpha = 1;
      pen.fillText(`${a} A`, 4, y(a) + 4);
    });
    line(
      pen,
      planned.map(([s, a]) => [x(s + shift), y(a)]),
      1.5,
      [5, 4],
      chalk,
    );
    line(
      pen,
      readings.filter(([s]) => s >= from).map(([s, a]) => [x(s), y(a)]),
      2.5,
      [],
      chalk,
    );
    pen.fillText(
      readings.length ? 'dashed: planned; solid: measured' : 'planned current; the measured one is drawn over it',
      46,
      height - 4,
    );
  }

  function line(pen, path, width, dash, colour) {
    pen.save();
    pen.beginPath();
    pen.rect(40, 0, pen.canvas.clientWidth - 50, pen.canvas.clientHeight);
    pen.clip();
    pen.strokeStyle = colour;
    pen.lineWidth = width;
    pen.setLineDash(dash);
    pen.beginPath();
    path.forEach(([px, py], i) => (i ? pen.lineTo(px, py) : pen.moveTo(px, py)));
    pen.stroke();
    pen.restore();
  }

  return { read, draw };
}
