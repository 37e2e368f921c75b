// Colours of hot metal, one for each byte of temperature: what glows, what the air has tinted, what a helmet lets through.
import { tint } from '../rehearse/paint.js';

const GLOWS_C = 520;
const GLOW_RANGE_K = 1000;
const KELVIN = 273;
// Light of 575 nm by Wien's law: 14,388 µm K over 0.575 µm.
const WIEN_K = 25022;
const SHADES_PER_DECADE = 7 / 3;
const TINT_SHOWS = 0.85;
const STEPS = 256;
const MOLTEN = [1.2, 0.78, 0.32];
// Cells are coarser than a pool's edge: it comes in over so many degrees.
const BLURS_K = 70;

const linear = (part) => (part / 255) ** 2.2;

// Red, green, blue and how much of it shows, for each byte.
export function tints(family, stepC) {
  const table = new Float32Array(4 * STEPS);
  for (let i = 0; i < STEPS; i += 1) {
    const told = tint(family, i * stepC);
    if (told) table.set([...told[0].map(linear), TINT_SHOWS * told[1]], 4 * i);
  }
  return table;
}

// What shines by itself in daylight.
export function glows(meltC, stepC) {
  const table = new Float32Array(3 * STEPS);
  for (let i = 0; i < STEPS; i += 1) {
    const t = (i * stepC - GLOWS_C) / GLOW_RANGE_K;
    const molten = Math.min(1, Math.max(0, (i * stepC - meltC) / BLURS_K + 1));
    if (t <= 0) continue;
    const hot = [1.1 * t ** 1.4, 0.45 * Math.max(0, t - 0.12) ** 1.5, 0.3 * Math.max(0, t - 0.6) ** 2];
    table.set(
      hot.map((part, k) => part + molten * (MOLTEN[k] - part)),
      3 * i,
    );
  }
  return table;
}

// What a helmet of the sheet's shade shows: the light of melting metal is 1, through glass that is greener than the light.
export function helmetGlows(meltC, stepC) {
  const table = new Float32Array(3 * STEPS);
  for (let i = 0; i < STEPS; i += 1) {
    const kelvin = i * stepC + KELVIN;
    const light = Math.min(2.2, Math.exp(-WIEN_K * (1 / kelvin - 1 / (meltC + KELVIN))));
    table.set([0.72 * light, 0.95 * light, 0.4 * light], 3 * i);
  }
  return table;
}

// How much brighter than through the sheet's shade: each shade lets through 10 to the power of −3/7 of the one before.
export function throughShade(shade, usual) {
  return 10 ** ((usual - shade) / SHADES_PER_DECADE);
}
