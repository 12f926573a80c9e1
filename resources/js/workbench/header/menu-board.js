// The board of the menu: entries are put in order by dragging and by key, with what belongs to them.
import htmx from 'htmx.org';
import Sortable from 'sortablejs';
import { onTools } from '../shell/tools.js';

export function startMenuBoard() {
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
  const board = () => document.querySelector('[data-menu-board]');
  const levelOf = (row) => Number(row.dataset.level);

  function move(row, by) {
    const state = Object.fromEntries(new FormData(document.querySelector('#state')));
    return htmx.ajax('POST', board().dataset.move, { target: '#bench', swap: 'morph:innerHTML', values: { ...state, open_kind: 'entries', here: 1, record: row.dataset.entry, by } });
  }

  /** Places among its own that an entry has come: what stands deeper goes with what it belongs to. */
  function passed(rows, row, from, to) {
    const between = from < to ? rows.slice(from + 1, to + 1) : rows.slice(to, from);
    return Math.sign(to - from) * between.filter((each) => each !== row && levelOf(each) === levelOf(row)).length;
  }

  function watch() {
    const list = board();
    if (!list || !list.querySelector('.entry-grip') || Sortable.get(list)) return;
    let rows = [];
    Sortable.create(list, {
      draggable: '.entry-row', handle: '.entry-grip', animation: calm ? 0 : 120,
      onStart: () => { rows = [...list.children]; },
      onEnd: ({ item, oldIndex, newIndex }) => {
        const by = passed(rows, item, oldIndex, newIndex);
        list.replaceChildren(...rows);
        if (by !== 0) move(item, by);
      },
    });
  }
  onTools('keydown', (event) => {
    const row = event.altKey ? event.target.closest?.('.entry-row') : null;
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (!row || !by) return;
    event.preventDefault();
    move(row, by);
  });
  // Where an entry may lead is said once, in the list of a new entry, and lent to the others when they are gone to.
  const lend = ({ target }) => {
    const list = target.closest?.('select[data-places]');
    if (!list || list.options.length > 1) return;
    const now = list.value;
    const [own] = list.options;
    list.append(...[...document.getElementById(list.dataset.places).children].map((each) => each.cloneNode(true)));
    if ([...list.options].filter((each) => each.value === now).length > 1) own.remove();
    list.value = now;
  };
  onTools('pointerdown', lend);
  onTools('focusin', lend);
  document.body.addEventListener('htmx:afterSettle', watch);
  watch();
}
