import assert from 'node:assert/strict';
import { test } from 'node:test';
import { stepped } from '../../resources/js/workbench/shell/numbers.js';

test('a number goes in steps, keeps its decimals and stays within its bounds', () => {
  const slider = { min: '0', max: '40', step: '1' };
  assert.equal(stepped(18, 1, slider), 19);
  assert.equal(stepped(18, -10, slider), 8);
  assert.equal(stepped(38, 10, slider), 40);
  assert.equal(stepped(0, -1, slider), 0);
  assert.equal(stepped(0.3, 1, { min: '0', max: '1', step: '0.05' }), 0.35);
  assert.equal(stepped(11.34, 1, slider), 12.34);
});
