import assert from 'node:assert/strict';
import { test } from 'node:test';
import { heldIn } from '../../resources/js/workbench/shell/held.js';

test('what somebody has done something in is not held, nor what came without a digest', () => {
  assert.equal(heldIn([{ id: 'a', digest: '01', isTouched: false }, { id: 'b', digest: '02', isTouched: true }, { id: 'c', digest: '', isTouched: false }, { id: 'd', digest: '03', isTouched: false }]), 'a:01 d:03');
  assert.equal(heldIn([]), '');
});
