import assert from 'node:assert/strict';
import { test } from 'node:test';
import { found } from '../js/search.js';

const entries = [
  { kind: 'word', name: 'down-slope', more: 'time from working to end current', href: '#a' },
  { kind: 'word', name: 'crater time', more: 'here: down-slope', href: '#a' },
  { kind: 'symptom', name: 'Crater or fish-eye', more: 'no down-slope; end current too high', href: '#b' },
  { kind: 'job', name: 'Stilling tube', more: 'silver inside', href: '/jobs/1' },
];

test('a name that is or begins with what was typed comes first', () => {
  assert.equal(found(entries, 'down-slope')[0].name, 'down-slope');
  assert.equal(found(entries, 'CRATER ti')[0].name, 'crater time');
});

test('every word must be found, in name or line', () => {
  assert.deepEqual(found(entries, 'crater current').map((entry) => entry.href), ['#b']);
  assert.equal(found(entries, 'silver tube')[0].href, '/jobs/1');
  assert.deepEqual(found(entries, 'zzz'), []);
  assert.deepEqual(found(entries, '   '), []);
});
