import test from 'node:test';
import assert from 'node:assert/strict';
import { replaceWords } from '../js/phrase-line.js';

test('doubtful words are said otherwise where they stand, whatever their case', () => {
  assert.equal(replaceWords('3 mm Titanium butt', 'titanium', 'titanium grade 5'), '3 mm titanium grade 5 butt');
  assert.equal(replaceWords('0,125 steel butt', '0.125', '0.125 in'), '0.125 in steel butt');
});

test('what does not stand in the line as it was read is added', () => {
  assert.equal(replaceWords('2 mm ½ butt', 'inox', '304L'), '2 mm ½ butt 304L');
});
