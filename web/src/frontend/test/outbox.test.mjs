import test from 'node:test';
import assert from 'node:assert/strict';
import { guess, later, rest } from '../js/run/guessing.js';
import { listStore, outbox } from '../js/run/outbox.js';

// Numbers from a seed, 0 to 1.
function seeded(seed) {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

const settled = () => new Promise((done) => setImmediate(done));

test('whatever is lost on the way, everything arrives once and in order', async () => {
  for (let seed = 1; seed <= 100; seed++) {
    const random = seeded(seed);
    const taken = [];
    const known = new Set();
    let trials = [];
    let clock = 0;
    const box = outbox({
      store: Promise.resolve(listStore()),
      now: () => clock,
      again: (work) => trials.push(work),
      after: () => {},
      async send(event, agoS) {
        const fate = random();
        if (fate < 0.3) throw new Error('lost on the way there');
        if (!known.has(event.key)) taken.push([event.kind, clock / 1000 - agoS]);
        known.add(event.key);
        if (fate < 0.5) throw new Error('lost on the way back');
        return { state: {} };
      },
    });
    const happened = [];
    for (let i = 0; i < 12; i++) {
      clock += Math.floor(random() * 3000);
      happened.push([`e${i}`, clock / 1000]);
      await box.happened({ kind: `e${i}` });
    }
    while (trials.length) {
      clock += 2000;
      const due = trials;
      trials = [];
      due.forEach((work) => work());
      for (let i = 0; i < 60; i++) await settled();
    }
    assert.deepEqual(
      taken.map(([kind]) => kind),
      happened.map(([kind]) => kind),
      `seed ${seed}`,
    );
    taken.forEach(([, s], i) => assert.ok(Math.abs(s - happened[i][1]) < 1e-6, `seed ${seed}`));
  }
});

test('how many wait is told, and that none does', async () => {
  const told = [];
  let open = false;
  let retry = null;
  const box = outbox({
    store: Promise.resolve(listStore()),
    again: (work) => {
      retry = work;
    },
    after: (waiting) => told.push(waiting),
    async send() {
      if (!open) throw new Error('no network');
      return {};
    },
  });
  await box.happened({ kind: 'ARC_ON' });
  await box.happened({ kind: 'ARC_OFF' });
  assert.deepEqual(told, [1, 2]);
  open = true;
  retry();
  for (let i = 0; i < 20; i++) await settled();
  assert.deepEqual(told, [1, 2, 1, 0]);
});

test('what is tapped while another is on its way still waits when that one has arrived', async () => {
  const told = [];
  let arrive = null;
  const box = outbox({
    store: Promise.resolve(listStore()),
    after: (waiting, event) => told.push([event.kind, waiting]),
    send: () =>
      new Promise((done) => {
        arrive = () => done({});
      }),
  });
  box.happened({ kind: 'ARC_ON' });
  for (let i = 0; i < 20; i++) await settled();
  box.happened({ kind: 'ARC_OFF' });
  arrive();
  for (let i = 0; i < 20; i++) await settled();
  arrive();
  for (let i = 0; i < 20; i++) await settled();
  assert.deepEqual(told, [
    ['ARC_ON', 1],
    ['ARC_OFF', 0],
  ]);
});

const plan = {
  says: { READY: 'ready', ARC: 'arc', POST_FLOW: 'hold still', COOLING: 'cooling', CLEAR: 'cool' },
  touches: { before: 'press', during: 'release' },
  after: { postFlowS: 5, coolS: 30 },
};
const ready = {
  run: '',
  stage: 'READY',
  says: 'ready',
  leftS: 0,
  sinceS: 9,
  arcS: 0,
  arcs: 0,
  nowS: 0,
  dutyLeftS: 600,
};

test('without an answer the page counts on as the program would', () => {
  const arc = guess(ready, 'ARC_ON', plan);
  assert.deepEqual([arc.stage, arc.says, arc.arcs, arc.sinceS, arc.touch], ['ARC', 'arc', 1, 0, 'release']);
  const burnt = later(arc, 12);
  assert.deepEqual([burnt.arcS, burnt.sinceS, burnt.dutyLeftS], [12, 12, 588]);
  const out = guess(burnt, 'ARC_OFF', plan);
  assert.deepEqual([out.stage, out.leftS, out.arcS, out.touch], ['POST_FLOW', 5, 12, 'press']);
  assert.equal(rest(later(out, 6), 6, plan).stage, 'COOLING');
  assert.equal(rest(later(out, 6), 6, plan).leftS, 24);
  assert.equal(rest(later(out, 31), 31, plan).says, 'cool');
});

test('what does not fit changes nothing', () => {
  assert.equal(guess(ready, 'ARC_OFF', plan), ready);
  assert.equal(guess(ready, 'DIPPED', plan), ready);
  const arc = guess(ready, 'ARC_ON', plan);
  assert.equal(guess(arc, 'ARC_ON', plan), arc);
});
