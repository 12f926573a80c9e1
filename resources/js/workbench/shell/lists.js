// Lists whose order the merchant sets: by dragging, or with the buttons for up and down. The server keeps the order.
import Sortable from 'sortablejs';
import { announce } from './announce.js';
import { keepEdit, keepEdits } from './keep-edit.js';

export function startLists() {
  const bench = document.querySelector('#bench');
  const names = (list) => [...list.children].map((item) => item.dataset.name);
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;

  function keep(list) {
    const items = list.closest('[data-items]');
    if (items) {
      keepEdit(items.dataset.items, names(list).join(','));
      return;
    }
    const value = list.closest('form').querySelector('[data-picks-value]');
    value.value = names(list).join(',');
    value.dispatchEvent(new Event('change', { bubbles: true }));
  }

  function move(button, by) {
    const item = button.closest('li');
    const other = by < 0 ? item.previousElementSibling : item.nextElementSibling;
    if (!other) return;
    if (by < 0) other.before(item);
    else other.after(item);
    button.focus();
    keep(item.parentElement);
  }

  // A row is taken by its grip with Space, moved with the arrow keys and let go of with Space; Escape puts it back.
  let taken = null;
  function letGo(isKept) {
    const { grip, list, order } = taken;
    taken = null;
    grip.setAttribute('aria-pressed', 'false');
    if (!isKept) list.append(...order);
    else if (order.some((item, i) => item !== list.children[i])) keep(list);
    grip.focus();
  }
  bench.addEventListener('keydown', (event) => {
    const grip = event.target.closest?.('.grip-handle');
    if (!grip) return;
    const item = grip.closest('li');
    if (event.key === ' ' || event.key === 'Enter') {
      if (taken) letGo(true);
      else {
        taken = { grip, list: item.parentElement, order: [...item.parentElement.children] };
        grip.setAttribute('aria-pressed', 'true');
        announce(`Taken, ${placeOf(item)}. Arrow keys move it, Space lets it go, Escape puts it back.`);
      }
    } else if (taken && event.key === 'Escape') letGo(false);
    else if (taken && ['ArrowUp', 'ArrowDown'].includes(event.key)) {
      const other = event.key === 'ArrowUp' ? item.previousElementSibling : item.nextElementSibling;
      if (other) other[event.key === 'ArrowUp' ? 'before' : 'after'](item);
      grip.focus();
      announce(placeOf(item));
    } else return;
    event.preventDefault();
    event.stopPropagation();
  });
  bench.addEventListener('focusout', (event) => { if (taken && event.target === taken.grip && event.relatedTarget && event.relatedTarget !== taken.grip) letGo(true); });

  // Several rows at once: Shift with a click or with the arrow keys picks all between; Delete deletes them, H hides them, Escape lets go.
  let from = null;
  const among = () => [...bench.querySelectorAll('.item.is-among')];
  function pickUpTo(item) {
    const list = item.parentElement;
    if (from?.parentElement !== list) from = item;
    const rows = [...list.children];
    const [first, last] = [rows.indexOf(from), rows.indexOf(item)].sort((a, b) => a - b);
    rows.forEach((row, i) => row.classList.toggle('is-among', i >= first && i <= last));
    announce(`${last - first + 1} rows picked. Delete deletes them, H hides them, Escape lets go.`);
  }
  function letSeveralGo() {
    among().forEach((row) => row.classList.remove('is-among'));
    from = null;
  }
  bench.addEventListener('click', (event) => {
    const item = event.shiftKey && event.target.closest('[data-items] .item');
    if (!item) return;
    event.preventDefault();
    event.stopPropagation();
    from ??= bench.querySelector('.item.is-open') ?? item;
    pickUpTo(item);
    item.querySelector('.grip-handle, a')?.focus();
  }, true);
  bench.addEventListener('keydown', (event) => {
    const item = event.target.closest?.('[data-items] .item');
    if (!item || taken) return;
    if (event.shiftKey && ['ArrowUp', 'ArrowDown'].includes(event.key)) {
      const to = event.key === 'ArrowUp' ? item.previousElementSibling : item.nextElementSibling;
      from ??= item;
      if (to) {
        pickUpTo(to);
        to.querySelector('.grip-handle, a')?.focus();
      }
    } else if (event.key === 'Escape' && among().length > 0) letSeveralGo();
    else if (among().length > 1 && event.key === 'Delete') {
      const list = item.parentElement;
      const rows = among();
      deleted = { list: list.getAttribute('aria-labelledby'), at: [...list.children].indexOf(rows[0]), name: `${rows.length} rows` };
      letSeveralGo();
      keepEdit(list.closest('[data-items]').dataset.items, [...list.children].filter((row) => !rows.includes(row)).map((row) => row.dataset.name).join(','));
    } else if (among().length > 1 && event.key.toLowerCase() === 'h') {
      const switches = among().map((row) => row.querySelector('.item-name').dataset.reach);
      letSeveralGo();
      keepEdits(Object.fromEntries(switches.map((path) => [path, 'off'])));
    } else return;
    event.preventDefault();
    event.stopImmediatePropagation();
  }, true);

  // What was deleted is said, with the way back; the focus goes to the row that has taken its place.
  let deleted = null;
  bench.addEventListener('keydown', (event) => {
    if (event.key !== 'Delete' || event.target.matches('input, textarea, select, [contenteditable]')) return;
    const button = event.target.closest('.item')?.querySelector('[data-delete]');
    if (!button) return;
    event.preventDefault();
    button.click();
  });
  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-delete]');
    if (!button) return;
    const item = button.closest('li');
    deleted = { list: item.parentElement.getAttribute('aria-labelledby'), at: [...item.parentElement.children].indexOf(item), name: button.dataset.delete };
  }, true);
  document.body.addEventListener('ikat:edited', () => {
    if (!deleted) return;
    const { list, at, name } = deleted;
    deleted = null;
    document.body.addEventListener('htmx:afterSettle', () => {
      const rows = bench.querySelectorAll(`[aria-labelledby="${list}"] > li`);
      const row = rows[Math.min(at, rows.length - 1)];
      (row?.querySelector('a, .grip-handle') ?? document.getElementById(list))?.focus();
      tell(name);
    }, { once: true });
  });
  function tell(name) {
    const line = document.createElement('p');
    line.textContent = `${name} deleted. `;
    const undo = document.createElement('button');
    undo.type = 'button';
    undo.className = 'act';
    undo.textContent = 'Undo';
    undo.addEventListener('click', () => { document.querySelector('[data-press=undo]').click(); });
    line.append(undo);
    document.querySelector('#notice').replaceChildren(line);
  }
  const placeOf = (item) => `${[...item.parentElement.children].indexOf(item) + 1} of ${item.parentElement.childElementCount}`;

  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-move], [data-pick-move], [data-pick-out]');
    if (!button) return;
    if ('pickOut' in button.dataset) {
      const list = button.closest('ol');
      button.closest('li').remove();
      keep(list);
    } else move(button, Number(button.dataset.move ?? button.dataset.pickMove));
  });
  // Adding one is a change of the list, not of the field that names it.
  bench.addEventListener('change', (event) => {
    const field = event.target.closest('[data-pick-add]');
    if (!field) return;
    event.stopPropagation();
    if (field.value === '') return;
    const value = field.closest('form').querySelector('[data-picks-value]');
    value.value = [value.value, field.value].filter(Boolean).join(',');
    value.dispatchEvent(new Event('change', { bubbles: true }));
  }, true);

  function setUp() {
    for (const list of bench.querySelectorAll('[data-sortable]')) {
      if (Sortable.get(list)) continue;
      Sortable.create(list, { handle: '.grip-handle', ghostClass: 'drop-place', animation: calm ? 0 : 120, onEnd: ({ oldIndex, newIndex }) => { if (oldIndex !== newIndex) keep(list); } });
    }
  }
  document.body.addEventListener('htmx:afterSettle', setUp);
  setUp();
}
