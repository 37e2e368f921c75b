// How each cue sounds: beats of [after s, length s, pitch Hz]. Told apart by rhythm first, since a helmet and a grinder near by swallow pitch:
// one beat keeps the pace, two ask for something, three or more cannot wait. Loudness 0 to 1; side −1 left to 1 right.
const LOW = 520;
const MIDDLE = 880;
const HIGH = 1400;

export const TONES = {
  DAB: { beats: [[0, 0.04, HIGH]], loud: 0.35, side: -0.7 },
  TRAVEL: { beats: [[0, 0.09, LOW]], loud: 0.45, side: 0.7 },
  HALFWAY: {
    beats: [
      [0, 0.09, LOW],
      [0.14, 0.09, LOW],
    ],
    loud: 0.5,
    side: 0.7,
  },
  DIP: {
    beats: [
      [0, 0.04, HIGH],
      [0.08, 0.04, HIGH],
    ],
    loud: 0.4,
    side: -0.7,
  },
  GAS_ON: { beats: [[0, 0.3, LOW]], loud: 0.4, side: 0 },
  STRIKE: { beats: [[0, 0.16, MIDDLE]], loud: 0.5, side: 0 },
  EASE_OFF: {
    beats: [
      [0, 0.14, MIDDLE],
      [0.18, 0.22, LOW],
    ],
    loud: 0.7,
    side: 0,
  },
  BREAK_ARC: { beats: [[0, 0.35, MIDDLE]], loud: 0.7, side: 0 },
  HOLD: { beats: [[0, 0.06, MIDDLE]], loud: 0.4, side: 0 },
  LIFT: {
    beats: [
      [0, 0.1, LOW],
      [0.12, 0.1, MIDDLE],
      [0.24, 0.18, HIGH],
    ],
    loud: 0.6,
    side: 0,
  },
  WAIT: {
    beats: [
      [0, 0.2, LOW],
      [0.4, 0.2, LOW],
    ],
    loud: 0.4,
    side: 0,
  },
  COLD_ENOUGH: {
    beats: [
      [0, 0.12, MIDDLE],
      [0.16, 0.2, HIGH],
    ],
    loud: 0.6,
    side: 0,
  },
  DUTY: {
    beats: [
      [0, 0.12, LOW],
      [0.2, 0.12, LOW],
      [0.4, 0.12, LOW],
    ],
    loud: 0.7,
    side: 0,
  },
  ARC_LONG: { beats: repeated(3, 0.16, 0.09, HIGH), loud: 0.9, side: 0 },
  CURRENT_OFF: { beats: repeated(3, 0.24, 0.16, MIDDLE), loud: 0.9, side: 0 },
  PULSE_LOST: { beats: repeated(3, 0.3, 0.06, MIDDLE), loud: 0.9, side: 0 },
  GAS_LOW: { beats: repeated(4, 0.2, 0.1, LOW), loud: 1, side: 0 },
  GAS_LOST: { beats: repeated(8, 0.11, 0.07, HIGH), loud: 1, side: 0 },
};

function repeated(count, everyS, lengthS, pitch) {
  return Array.from({ length: count }, (_, i) => [i * everyS, lengthS, pitch]);
}

// A phone in the pocket: milliseconds on and off.
export const FELT = {
  DAB: [25],
  TRAVEL: [60],
  EASE_OFF: [80, 60, 160],
  BREAK_ARC: [300],
  GAS_LOST: [200, 80, 200, 80, 200],
};

// These have a tone alone, or words would run into each other.
export const WORDLESS = new Set(['DAB', 'TRAVEL', 'HOLD']);
