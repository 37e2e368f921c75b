import assert from 'node:assert/strict';
import test from 'node:test';
import { nextTheme, nextUnits, preferenceCookie } from '../js/cookies.js';
import { actionFor } from '../js/keymap.js';
import { saver } from '../js/saving.js';

test('changes made while one is on the wire are sent once, afterwards', async () => {
  const gates = [];
  let sent = 0;
  const saving = saver(
    () =>
      new Promise((done) => {
        sent += 1;
        gates.push(done);
      }),
  );

  const first = saving.run();
  saving.run();
  saving.run();
  assert.equal(sent, 1);
  gates[0]();
  await new Promise((turn) => setImmediate(turn));
  assert.equal(sent, 2);
  gates[1]();
  await first;

  assert.equal(sent, 2);
  assert.equal(saving.busy(), false);
});

test('a failed send leaves the saver ready', async () => {
  const saving = saver(async () => {
    throw new Error('down');
  });
  await assert.rejects(saving.run());
  assert.equal(saving.busy(), false);
});

test('keys act, but not while something is typed', () => {
  const key = (name, more = {}) => ({ key: name, ...more });
  assert.equal(actionFor(key('u'), null), '#turn-units');
  assert.equal(actionFor(key('?'), null), 'help');
  assert.equal(actionFor(key('u'), { tagName: 'INPUT', type: 'text' }), null);
  assert.equal(actionFor(key('u'), { tagName: 'INPUT', type: 'radio' }), '#turn-units');
  assert.equal(actionFor(key('u', { ctrlKey: true }), null), null);
  assert.equal(actionFor(key('Escape'), { tagName: 'INPUT', type: 'text' }), 'close');
  assert.equal(actionFor(key('x'), null), null);
});

test('preferences turn round and are kept for a year', () => {
  assert.deepEqual(['dark', 'light', 'auto'].map(nextTheme), ['light', 'auto', 'dark']);
  assert.equal(nextUnits('metric'), 'inch');
  assert.equal(nextUnits('inch'), 'metric');
  assert.equal(preferenceCookie('units', 'inch'), 'units=inch; Path=/; Max-Age=31536000; SameSite=Lax');
});
