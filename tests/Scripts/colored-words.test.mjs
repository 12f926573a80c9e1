import assert from 'node:assert/strict';
import { test } from 'node:test';
import { add, changed, plain, trimmed, written } from '../../resources/js/workbench/shell/colored-words.js';

const WORDS = [{ text: 'Light for ', role: '' }, { text: 'long', role: 'accent' }, { text: ' evenings', role: '' }];

test('neighbors of one role are one part, and nothing is no part', () => {
  const parts = [];
  add(parts, 'Light', '');
  add(parts, ' for', '');
  add(parts, '', 'accent');
  add(parts, 'long', 'accent');
  assert.deepEqual(parts, [{ text: 'Light for', role: '' }, { text: 'long', role: 'accent' }]);
});

test('words are kept with their roles, and words with the signs of that form stay plain', () => {
  assert.equal(written(WORDS), 'Light for {accent|long} evenings');
  assert.equal(written([{ text: 'a|b', role: 'accent' }, { text: '{c}', role: 'accent' }, { text: 'd', role: 'accent' }]), 'a|b{c}{accent|d}');
});

test('a role is given to a stretch that goes over several parts', () => {
  assert.equal(written(changed(WORDS, 6, 17, { role: 'soft' })), 'Light {soft|for long ev}enings');
  assert.equal(written(changed(WORDS, 0, plain(WORDS).length, { role: '' })), 'Light for long evenings');
});

test('what is typed takes the color of what stands before it', () => {
  assert.equal(written(changed(WORDS, 14, 14, { text: 'er' })), 'Light for {accent|longer} evenings');
  assert.equal(written(changed(WORDS, 10, 10, { text: 'very ' })), 'Light for very {accent|long} evenings');
  assert.equal(written(changed([], 0, 0, { text: 'New' })), 'New');
});

test('typing and deleting leave the words a plain text would have', () => {
  const text = plain(WORDS);
  for (let from = 0; from <= text.length; from += 1) {
    for (let to = from; to <= text.length; to += 1) {
      assert.equal(plain(changed(WORDS, from, to, { text: 'x' })), `${text.slice(0, from)}x${text.slice(to)}`);
      assert.equal(plain(changed(WORDS, from, to, { text: '' })), text.slice(0, from) + text.slice(to));
      assert.equal(plain(changed(WORDS, from, to, { role: 'soft' })), text);
    }
  }
});

test('white space at the ends is not kept, and that between is', () => {
  assert.deepEqual(trimmed([{ text: ' \n', role: 'accent' }, { text: ' a b', role: '' }, { text: ' ', role: 'soft' }]), [{ text: 'a b', role: '' }]);
  assert.deepEqual(trimmed([{ text: '  ', role: '' }]), []);
});
