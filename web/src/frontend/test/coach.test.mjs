import test from 'node:test';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { TONES } from '../js/coach/tones.js';
import { due, isSame } from '../js/run/coaching.js';

const KINDS = [
  ...readFileSync(
    new URL('../../../../core/src/main/java/vastarc/core/coach/CueKind.java', import.meta.url),
    'utf8',
  ).matchAll(/^ {4}([A-Z_]+)\(Urgency\.(\w+)\)/gm),
].map(([, kind, urgency]) => ({ kind, urgency }));

const rhythm = (kind) => TONES[kind].beats.map(([after, length]) => `${after}/${length}`).join(' ');

test('every kind of cue has a sound of its own', () => {
  assert.ok(KINDS.length >= 18);
  assert.deepEqual(Object.keys(TONES).sort(), KINDS.map(({ kind }) => kind).sort());
  const sounds = KINDS.map(({ kind }) => `${rhythm(kind)} ${TONES[kind].beats.map(([, , hz]) => hz)}`);
  assert.equal(new Set(sounds).size, sounds.length);
});

test('what cannot wait is told apart by rhythm alone, and is the loudest', () => {
  const loudest = Math.max(...KINDS.filter(({ urgency }) => urgency === 'PACE').map(({ kind }) => TONES[kind].loud));
  for (const { kind } of KINDS.filter(({ urgency }) => urgency === 'NOW')) {
    assert.ok(TONES[kind].beats.length >= 3, kind);
    assert.ok(TONES[kind].loud > loudest, kind);
    assert.ok(
      KINDS.every((other) => other.kind === kind || rhythm(other.kind) !== rhythm(kind)),
      kind,
    );
  }
});

const told = {
  strikeS: 1.5,
  outS: 20,
  cues: [0, 1.5, 4, 19.9, 20, 24, 30].map((s) => ({ s, kind: 'DAB' })),
};

test('an arc is counted from its strike, what follows it from its end', () => {
  const arc = due(told, { stage: 'ARC', sinceS: 2 });
  assert.equal(arc.nowS, 3.5);
  assert.deepEqual(
    arc.cues.map(({ s }) => s),
    [4, 19.9],
  );
  const after = due(told, { stage: 'POST_FLOW', sinceS: 1 });
  assert.equal(after.nowS, 21);
  assert.deepEqual(
    after.cues.map(({ s }) => s),
    [20, 24, 30],
  );
  assert.equal(due(told, { stage: 'READY', sinceS: 3 }), null);
});

test('a page that is told the same again goes on counting', () => {
  const state = { run: 'r', arcs: 1, stage: 'ARC' };
  assert.ok(isSame(state, { ...state, sinceS: 4 }));
  assert.ok(!isSame(state, { ...state, arcs: 2 }));
  assert.ok(!isSame(null, state));
});
