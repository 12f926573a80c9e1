// Fields whose words may have colors: they show the words as the shop does, and keep them as {role|words}.
import { add, changed, plain, trimmed, written } from './colored-words.js';

/** The words of a field with their roles: [{ text, role }], neighbors of one role joined. */
function read(field) {
  const parts = [];
  const walker = document.createTreeWalker(field, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    add(parts, node.data, roleAt(node));
  }
  return parts;
}

const roleAt = (node) => node.parentElement.closest('.words-field > [class^="in-"]')?.className.slice(3) ?? '';

function show(field, parts) {
  field.replaceChildren(...parts.map(({ text, role }) => {
    if (role === '') return document.createTextNode(text);
    const span = document.createElement('span');
    span.className = `in-${role}`;
    span.textContent = text;
    return span;
  }));
  // The last line of a text that ends with a break has nothing in it yet, and needs a place for the caret.
  if (plain(parts).endsWith('\n')) field.append(document.createElement('br'));
}

/** Where the selection is, counted in characters. */
function chosen(field) {
  const selection = document.getSelection();
  if (selection.rangeCount === 0 || !field.contains(selection.anchorNode) || !field.contains(selection.focusNode)) return null;
  const range = selection.getRangeAt(0);
  const before = document.createRange();
  before.setStart(field, 0);
  before.setEnd(range.startContainer, range.startOffset);
  const from = before.toString().length;
  return { from, to: from + range.toString().length };
}

function choose(field, from, to) {
  const place = (at) => {
    const walker = document.createTreeWalker(field, NodeFilter.SHOW_TEXT);
    let left = at;
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (left <= node.length) return [node, left];
      left -= node.length;
    }
    return [field, field.childNodes.length];
  };
  const [start, startAt] = place(from);
  const [end, endAt] = place(to);
  document.getSelection().setBaseAndExtent(start, startAt, end, endAt);
}

export function startWords() {
  const bench = document.querySelector('#bench');
  const lastChosen = new WeakMap();
  const fieldAt = (event) => event.target.closest?.('.words-field');
  const isSingle = (field) => field.getAttribute('aria-multiline') !== 'true';

  const entered = new WeakMap();
  const now = (field) => written(trimmed(read(field)));
  function keep(field) {
    const store = field.parentElement.querySelector('input[name="value"]');
    if (now(field) === store.value) return;
    store.value = now(field);
    store.dispatchEvent(new Event('change', { bubbles: true }));
  }
  function insert(field, words) {
    const { from, to } = chosen(field) ?? { from: plain(read(field)).length, to: plain(read(field)).length };
    const fits = isSingle(field) ? words.replace(/\s*\n\s*/g, ' ') : words.replaceAll('\r', '');
    show(field, changed(read(field), from, to, { text: fits }));
    choose(field, from + fits.length, from + fits.length);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  }

  bench.addEventListener('beforeinput', (event) => {
    const field = fieldAt(event);
    if (!field) return;
    const words = event.dataTransfer?.getData('text/plain') ?? event.data ?? '';
    if (event.inputType.startsWith('format')) event.preventDefault();
    else if (event.inputType === 'insertParagraph' || event.inputType === 'insertLineBreak') {
      event.preventDefault();
      if (isSingle(field)) keep(field);
      else insert(field, '\n');
    } else if (['insertFromPaste', 'insertFromDrop', 'insertFromYank', 'insertReplacementText'].includes(event.inputType)) {
      event.preventDefault();
      insert(field, words);
    }
  });
  // What was not touched stays as it was written, even where the field would write it otherwise.
  bench.addEventListener('focusin', (event) => { const field = fieldAt(event); if (field) entered.set(field, now(field)); });
  bench.addEventListener('focusout', (event) => { const field = fieldAt(event); if (field && now(field) !== entered.get(field)) keep(field); });
  /** Remembers what is chosen, and says what color it has. */
  function follow() {
    const field = document.activeElement?.closest('.words-field');
    const range = field && chosen(field);
    if (!range) return;
    lastChosen.set(field, range);
    let at = 0;
    const role = read(field).find(({ text }) => (at += text.length) > (range.from === range.to ? range.from - 1 : range.from))?.role ?? '';
    document.querySelectorAll(`[data-word-colors="${field.id}"] [aria-pressed]`).forEach((b) => b.setAttribute('aria-pressed', String(b.dataset.wordColor === role)));
  }
  document.addEventListener('selectionchange', follow);

  bench.addEventListener('pointerdown', (event) => { if (event.target.closest('[data-word-color]')) event.preventDefault(); });
  bench.addEventListener('click', (event) => {
    const label = event.target.closest('.field-label[id]');
    if (label) document.querySelector(`.words-field[aria-labelledby="${label.id}"]`)?.focus();
    const button = event.target.closest('[data-word-color]');
    if (!button) return;
    const field = document.getElementById(button.closest('[data-word-colors]').dataset.wordColors);
    const parts = read(field);
    const all = plain(parts);
    let { from, to } = lastChosen.get(field) ?? { from: 0, to: 0 };
    // Nothing chosen: the word the caret is in.
    if (from === to) {
      while (from > 0 && !/\s/.test(all[from - 1])) from -= 1;
      while (to < all.length && !/\s/.test(all[to])) to += 1;
    }
    if (all.slice(from, to).trim() === '') return;
    show(field, changed(parts, from, to, { role: button.dataset.wordColor }));
    if (document.activeElement === field) choose(field, from, to);
    lastChosen.set(field, { from, to });
    keep(field);
  });

  // Words typed while an answer was on its way are not lost to it.
  let typed = null;
  bench.addEventListener('input', (event) => { const field = fieldAt(event); if (field) typed = { id: field.id, parts: read(field) }; });
  bench.addEventListener('change', () => { typed = null; });
  document.body.addEventListener('htmx:afterSwap', () => {
    const field = typed && document.getElementById(typed.id);
    if (field && document.activeElement === field && written(read(field)) !== written(typed.parts)) {
      const at = lastChosen.get(field);
      show(field, typed.parts);
      if (at) choose(field, at.from, at.to);
    }
  });
  document.body.addEventListener('htmx:afterSettle', follow);
}
