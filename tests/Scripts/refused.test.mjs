import assert from 'node:assert/strict';
import { test } from 'node:test';
import { room } from '../../resources/js/workbench/shell/refused.js';

test('room is spoken of from four fifths of a limit on, and what is over it is counted', () => {
  assert.deepEqual([0, 64, 65, 80, 81, 120].map((length) => room(length, 80)), ['', '', '15 left', '0 left', '81 characters, 1 too many', '120 characters, 40 too many']);
});
