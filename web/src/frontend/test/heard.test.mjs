import test from 'node:test';
import assert from 'node:assert/strict';
import { heardLog } from '../js/coach/heard.js';

function storage() {
  const kept = new Map();
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => kept.set(key, value),
    removeItem: (key) => kept.delete(key),
  };
}

test('beats are counted, other cues kept with their time, and a page that is loaded again goes on', () => {
  const place = storage();
  heardLog('job', place).note('', 'PACE', 'DAB', 2);
  heardLog('job', place).note('r1', 'PACE', 'DAB', 3);
  heardLog('job', place).note('r1', 'PACE', 'EASE_OFF', 28.5004);
  assert.deepEqual(JSON.parse(heardLog('job', place).text('r1')), {
    level: 'PACE',
    beats: 2,
    cues: [[28.5, 'EASE_OFF']],
  });
});

test('another run begins anew, and a silent one says nothing', () => {
  const place = storage();
  const log = heardLog('job', place);
  log.note('r1', 'PACE', 'HALFWAY', 10);
  assert.equal(log.text('r2'), '');
  log.note('r2', 'WARNINGS', 'GAS_LOW', 1);
  assert.deepEqual(JSON.parse(log.text('r2')).cues, [[1, 'GAS_LOW']]);
  log.forget();
  assert.equal(log.text('r2'), '');
});

test('no more cues are kept than a run can have', () => {
  const log = heardLog('job', storage());
  for (let i = 0; i < 300; i += 1) log.note('r', 'BEGINNER', 'HOLD', i);
  assert.equal(JSON.parse(log.text('r')).cues.length, 100);
});

test('a browser that keeps nothing plays on', () => {
  const log = heardLog('job', {
    getItem: () => {
      throw new Error('no storage');
    },
    setItem: () => {
      throw new Error('no storage');
    },
    removeItem: () => {
      throw new Error('no storage');
    },
  });
  log.note('r', 'PACE', 'DAB', 1);
  assert.equal(log.text('r'), '');
  log.forget();
});
