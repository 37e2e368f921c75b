// Draws a plate that is rehearsed: its face and back from above, the section under the arc, on one canvas. Temperatures come as bytes.
const GAP = 10;
const SECTION_SHARE = 0.3;
const GLOW_C = 550;
const WHITE_C = 1400;
const FADES_K = 40;
const FACE_MM = 13;
const FINER = 3;
const ROWS = 110;

// What the air leaves on hot metal, by its temperature, °C. Reserved for heat.
const TINTS = {
  STAINLESS: [
    [300, '#d9c07a'],
    [380, '#b98a45'],
    [420, '#8e5a52'],
    [480, '#5b4a80'],
    [560, '#3f5f9e'],
    [650, '#6b7684'],
    [1000, '#2c2d2f'],
  ],
  TITANIUM: [
    [400, '#dcc583'],
    [450, '#b58545'],
    [520, '#7d4f86'],
    [580, '#3a559b'],
    [650, '#7fb0b8'],
    [750, '#85898b'],
    [900, '#d9d6cf'],
  ],
};

const rgb = (hex) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
const mix = (from, to, share) => from.map((part, i) => part + (to[i] - part) * share);
const colourOf = (name) => rgb(getComputedStyle(document.documentElement).getPropertyValue(name).trim());

export function bytes(text) {
  return Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
}

// A film's layout as it is painted: which cells of the section are metal, as bytes.
export function laidOut(layout) {
  return layout && { ...layout, metal: bytes(layout.metal) };
}

// The colour and how much of it shows: it comes in over the last degrees before the first band.
export function tint(family, celsius) {
  const bands = TINTS[family] ?? [];
  if (!bands.length || celsius < bands[0][0] - FADES_K) return null;
  const next = bands.findIndex(([from]) => celsius < from);
  if (next === 0) return [rgb(bands[0][1]), (celsius - bands[0][0] + FADES_K) / FADES_K];
  if (next < 0) return [rgb(bands[bands.length - 1][1]), 1];
  const [low, below] = bands[next - 1];
  const [high, above] = bands[next];
  return [mix(rgb(below), rgb(above), (celsius - low) / (high - low)), 1];
}

// One place of metal: cold, tinted, a bead that has frozen, glowing, or molten.
function shade(look, now, peak, air) {
  const { metal, chalk, hot, edge, family, meltC, stepC } = look;
  const celsius = now * stepC;
  if (celsius >= meltC) return edge;
  let colour = peak * stepC >= meltC ? mix(metal, chalk, 0.32) : metal;
  const oxide = tint(family, air * stepC);
  if (oxide) colour = mix(colour, oxide[0], 0.8 * oxide[1]);
  if (celsius > GLOW_C) colour = mix(colour, hot, Math.min(0.9, (celsius - GLOW_C) / (WHITE_C - GLOW_C)));
  return colour;
}

function looksOf(film) {
  return {
    metal: colourOf('--metal'),
    chalk: colourOf('--chalk'),
    hot: colourOf('--flame'),
    edge: colourOf('--molten'),
    faint: colourOf('--faint'),
    family: film.family,
    meltC: film.layout.meltC,
    stepC: film.stepC,
  };
}

const css = (colour) => `rgb(${colour.map(Math.round).join(' ')})`;

// Between which two places a distance from the root lies, and how far between them.
export function between(places, mm) {
  const last = places.length - 1;
  if (mm <= places[0]) return [0, 0, 0];
  if (mm >= places[last]) return [last, last, 0];
  let low = 0;
  while (places[low + 1] < mm) low += 1;
  return [low, low + 1, (mm - places[low]) / (places[low + 1] - places[low])];
}

// A face as an image: what lies between columns and places is taken straight between them.
function face(context, look, layout, planes, places, box) {
  const { columns, mirrored } = layout;
  const count = places.length;
  if (!count) return;
  const image = document.createElement('canvas');
  image.width = columns * FINER;
  image.height = ROWS;
  const inner = image.getContext('2d');
  const pixels = inner.createImageData(image.width, ROWS);
  const plane = columns * count;
  const high = Math.min(FACE_MM, places[count - 1]);
  const low = mirrored ? -high : Math.max(-FACE_MM, places[0]);
  for (let row = 0; row < ROWS; row += 1) {
    const mm = low + ((row + 0.5) / ROWS) * (high - low);
    const [i, j, share] = between(places, mirrored ? Math.abs(mm) : mm);
    for (let column = 0; column < image.width; column += 1) {
      const x = Math.max(0, Math.min(columns - 1, (column + 0.5) / FINER - 0.5));
      const left = Math.floor(x);
      const right = Math.min(columns - 1, left + 1);
      const read = (from) => {
        const a = planes[from + left * count + i] * (1 - share) + planes[from + left * count + j] * share;
        const b = planes[from + right * count + i] * (1 - share) + planes[from + right * count + j] * share;
        return a + (b - a) * (x - left);
      };
      const colour = shade(look, read(0), read(plane), read(2 * plane));
      const at = (row * image.width + column) * 4;
      [pixels.data[at], pixels.data[at + 1], pixels.data[at + 2]] = colour;
      pixels.data[at + 3] = 255;
    }
  }
  inner.putImageData(pixels, 0, 0);
  context.drawImage(image, 0, 0, image.width, ROWS, box.x, box.y, box.w, box.h);
}

// The section: what is and was molten, drawn to scale.
export function section(context, look, layout, now, peak, box) {
  const { acrossMm: across, downMm: down, metal, mirrored } = layout;
  const rows = across.length - 1;
  const left = mirrored ? -across[rows] : across[0];
  const scale = Math.min(box.w / (across[rows] - left), box.h / (down[down.length - 1] - down[0]));
  const x0 = box.x + (box.w - (across[rows] - left) * scale) / 2 - left * scale;
  const y0 = box.y + (box.h - (down[down.length - 1] - down[0]) * scale) / 2 - down[0] * scale;
  for (let layer = 0; layer < down.length - 1; layer += 1) {
    for (let row = 0; row < rows; row += 1) {
      const at = layer * rows + row;
      if (!metal[at]) continue;
      context.fillStyle = css(shade(look, now ? now[at] : 0, peak[at], 0));
      const w = (across[row + 1] - across[row]) * scale + 0.5;
      const h = (down[layer + 1] - down[layer]) * scale + 0.5;
      context.fillRect(x0 + across[row] * scale, y0 + down[layer] * scale, w, h);
      if (mirrored) context.fillRect(x0 - across[row + 1] * scale, y0 + down[layer] * scale, w, h);
    }
  }
}

function size(canvas) {
  const ratio = window.devicePixelRatio || 1;
  const w = canvas.clientWidth;
  const h = canvas.clientHeight;
  if (canvas.width !== Math.round(w * ratio) || canvas.height !== Math.round(h * ratio)) {
    canvas.width = Math.round(w * ratio);
    canvas.height = Math.round(h * ratio);
  }
  const context = canvas.getContext('2d');
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
  context.clearRect(0, 0, w, h);
  context.imageSmoothingEnabled = true;
  return { context, w, h };
}

// Where along the seam a point of the canvas lies, as a share; beyond 1 it is on the section.
export function shareAt(canvas, clientX) {
  const box = canvas.getBoundingClientRect();
  return (clientX - box.left) / (box.width * (1 - SECTION_SHARE));
}

// Draws one picture of a film. `cursor` is a share of the seam, or null for the section under the arc.
export function paint(canvas, film, number, cursor) {
  const { layout, frames, beads } = film;
  const frame = frames[Math.min(number, frames.length - 1)];
  if (!layout || !frame) return;
  const look = looksOf(film);
  const { context, w, h } = size(canvas);
  const seam = w * (1 - SECTION_SHARE) - GAP;
  const hasBack = layout.backMm.length > 0;
  const label = 16;
  const high = hasBack ? (h - 2 * label - GAP) * 0.6 : h - label;
  const faceBox = { x: 0, y: label, w: seam, h: high };
  const backBox = { x: 0, y: 2 * label + high + GAP, w: seam, h: h - 2 * label - high - GAP };
  face(context, look, layout, frame.front, layout.frontMm, faceBox);
  if (hasBack) face(context, look, layout, frame.back, layout.backMm, backBox);
  const length = layout.columns * layout.columnMm;
  if (frame.burns) arc(context, look, ((frame.x / length) % 1) * seam, faceBox);
  if (cursor !== null) line(context, look, cursor * seam, label, h);
  const box = { x: seam + 2 * GAP, y: label, w: w - seam - 2 * GAP, h: h - label - 4 };
  const cells = (layout.acrossMm.length - 1) * (layout.downMm.length - 1);
  const bead =
    cursor !== null && beads.length ? beads[Math.min(beads.length - 1, Math.floor(cursor * beads.length))] : null;
  if (bead) section(context, look, layout, null, bead, box);
  else section(context, look, layout, frame.section.subarray(0, cells), frame.section.subarray(cells), box);
  context.fillStyle = css(look.faint);
  context.font = '14px "Archivo Narrow", sans-serif';
  context.fillText(fitting(context, film.faceWords, seam), 0, 12);
  if (hasBack) context.fillText(fitting(context, film.backWords, seam), 0, label + high + GAP + 12);
  const under = bead
    ? `section at ${film.places[Math.min(film.places.length - 1, Math.floor(cursor * film.places.length))]}`
    : 'section under the arc';
  context.fillText(fitting(context, under, box.w), seam + 2 * GAP, 12);
}

// Words that do not fit are told as far as their first part goes.
function fitting(context, words, width) {
  let told = words;
  while (told.includes(' ') && context.measureText(told).width > width) told = told.slice(0, told.lastIndexOf(' '));
  return told;
}

function arc(context, look, x, box) {
  context.strokeStyle = css(look.chalk);
  context.lineWidth = 2;
  context.beginPath();
  context.moveTo(x, box.y);
  context.lineTo(x, box.y + 10);
  context.moveTo(x - 5, box.y + 4);
  context.lineTo(x, box.y + 12);
  context.lineTo(x + 5, box.y + 4);
  context.stroke();
}

function line(context, look, x, top, h) {
  context.strokeStyle = css(look.chalk);
  context.setLineDash([4, 4]);
  context.lineWidth = 1;
  context.beginPath();
  context.moveTo(x, top);
  context.lineTo(x, h);
  context.stroke();
  context.setLineDash([]);
}
