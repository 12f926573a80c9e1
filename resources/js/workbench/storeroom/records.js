// A table of the Storeroom as a sheet of cells: walked, taken, written, copied and pasted; what is written is kept at once, and undone in one.
import htmx from 'htmx.org';
import Papa from 'papaparse';
import { announce } from '../shell/announce.js';
import { boxOf, cellsOf, placed } from './ranges.js';

const OPENS_AFTER = 350;

export function startRecords() {
  const body = document.body;
  const sheet = document.querySelector('#sheet');
  const root = () => sheet.querySelector('[data-storeroom]');
  const table = () => sheet.querySelector('[data-records]');
  const state = () => Object.fromEntries(new FormData(document.querySelector('#state')));
  const rows = () => [...table().querySelectorAll('tbody tr')];
  const cellsIn = (row) => [...row.querySelectorAll('[role=gridcell]')];
  const isWritable = (cell) => cell.getAttribute('aria-readonly') !== 'true';
  const recordOf = (cell) => Number(cell.closest('tr').dataset.record);
  const keyOf = (cell) => `${root().dataset.kind} ${recordOf(cell)} ${cell.dataset.column}`;

  /** Ids of the cells where taking began and where it has come to; whether all of a column is meant, on other pages too. */
  let from = '';
  let to = '';
  let isWhole = false;
  /** Cells that were refused: what was typed, and why it was not kept. */
  const refused = new Map();
  let waiting = [];
  let isSending = false;
  let opens = 0;

  const at = (cell) => ({ row: rows().indexOf(cell.closest('tr')), column: cellsIn(cell.closest('tr')).indexOf(cell) });
  const cellAt = ({ row, column }) => cellsIn(rows()[row] ?? document.createElement('tr'))[column];
  const byId = (id) => (id === '' ? null : document.getElementById(id));
  const box = () => {
    const [a, b] = [byId(from), byId(to)];
    return a && b ? boxOf(at(a), at(b)) : null;
  };
  const taken = () => { const b = box(); return b ? cellsOf(b).map(cellAt).filter(Boolean) : []; };

  const ask = (values) => htmx.ajax('GET', root().dataset.url, { target: '#bench', swap: 'morph:innerHTML', values: { ...state(), ...values } });

  /** What is taken is drawn, and what can be done with it offered. */
  function draw() {
    if (!table()) return;
    table().querySelectorAll('.is-taken').forEach((cell) => cell.classList.remove('is-taken'));
    const all = taken();
    const isSeveral = isWhole || all.length > 1;
    if (isSeveral) (isWhole ? rows().map((row) => cellsIn(row)[at(byId(to)).column]) : all).forEach((cell) => cell.classList.add('is-taken'));
    for (const cell of table().querySelectorAll('[role=gridcell]')) {
      const why = refused.get(keyOf(cell));
      cell.classList.toggle('is-refused', Boolean(why));
      if (why && !cell.classList.contains('is-editing')) cell.textContent = why.typed;
      if (why) cell.setAttribute('aria-invalid', 'true');
      else cell.removeAttribute('aria-invalid');
    }
    tell(all, isSeveral);
  }

  function tell(all, isSeveral) {
    const bar = root().querySelector('[data-selected]');
    if (!bar) return;
    const now = byId(to);
    const why = now ? refused.get(keyOf(now)) : null;
    const columns = [...new Set(all.map((cell) => cell.dataset.column))];
    const count = isWhole ? Number(root().dataset.count) : new Set(all.map(recordOf)).size;
    const told = bar.querySelector('[data-selected-told]');
    const many = bar.querySelector('[data-many]');
    const remove = bar.querySelector('[data-many-delete]');
    bar.querySelector('[data-selected-none]').hidden = isSeveral || Boolean(why);
    told.hidden = !isSeveral && !why;
    told.querySelector('b').textContent = why ? `“${why.typed}” is not kept` : `${count} ${count === 1 ? 'row' : 'rows'} taken`;
    told.querySelector('span').textContent = why ? why.why : summary(all, columns);
    const ids = isWhole ? '' : [...new Set(all.map(recordOf))].join(',');
    many.hidden = !(isSeveral && columns.length === 1 && now.dataset.field === 'number' && isWritable(now));
    remove.hidden = !isSeveral;
    for (const form of [many, remove]) {
      form.elements.ids.value = ids;
      form.elements.all.value = isWhole ? '1' : '';
    }
    many.elements.column.value = columns[0] ?? '';
  }

  /** The sum and the mean of numbers that are taken, as far as they are on this page. */
  function summary(all, columns) {
    const numbers = columns.length === 1 && all[0].dataset.field === 'number' ? all.filter((cell) => cell.dataset.typed !== '').map((cell) => Number(cell.dataset.typed)) : [];
    if (numbers.length < 2 || isWhole) return '';
    const sum = numbers.reduce((a, b) => a + b, 0);
    const digits = all.some((cell) => cell.dataset.typed.includes('.')) ? 2 : 0;
    return `together ${sum.toFixed(digits)}, on average ${(sum / numbers.length).toFixed(digits)}`;
  }

  /** @param how { isTaking: whether what is taken reaches to it, isQuiet: whether its record stays closed: what was just changed is still looked at */
  function go(cell, { isTaking = false, isQuiet = false } = {}) {
    if (!cell) return;
    table().querySelectorAll('[role=gridcell][tabindex="0"]').forEach((each) => { each.tabIndex = -1; });
    cell.tabIndex = 0;
    isWhole = false;
    to = cell.id;
    if (!isTaking) from = cell.id;
    cell.focus({ preventScroll: true });
    cell.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    draw();
    clearTimeout(opens);
    if (!isTaking && !isQuiet && !cell.closest('tr').classList.contains('is-open')) opens = setTimeout(() => openRecord(cell), OPENS_AFTER);
  }

  function openRecord(cell) {
    if (document.activeElement !== cell || isSending) return;
    ask({ open_record: recordOf(cell) });
  }

  /** Sends what was written, one answer after the other: what is written meanwhile goes along with the next. */
  async function send(cells) {
    for (const { cell, typed } of cells) {
      refused.delete(keyOf(cell));
      if (typed === cell.dataset.typed) continue;
      waiting.push([recordOf(cell), cell.dataset.column, typed, cell.dataset.typed]);
      if (!cell.classList.contains('is-editing')) cell.textContent = typed;
    }
    clearTimeout(opens);
    if (isSending) return;
    isSending = true;
    while (waiting.length > 0) {
      const sent = JSON.stringify(waiting);
      waiting = [];
      await htmx.ajax('POST', `${root().dataset.url}/cells`, { target: '#bench', swap: 'morph:innerHTML', values: { ...state(), cells: sent } });
    }
    isSending = false;
    draw();
  }

  function write(cell, typed = null) {
    if (!isWritable(cell)) return announce('This follows from other columns, or is changed on the bench.');
    clearTimeout(opens);
    const stands = refused.get(keyOf(cell))?.typed ?? cell.dataset.typed;
    if (cell.dataset.field === 'switch' && typed === null) return void send([{ cell, typed: stands === 'yes' ? 'no' : 'yes' }]);
    const field = document.createElement(cell.dataset.field === 'lines' ? 'textarea' : 'input');
    const shown = cell.innerHTML;
    field.value = typed ?? stands;
    field.autocomplete = 'off';
    field.setAttribute('aria-label', `${cell.dataset.column} of ${cell.closest('tr').dataset.called}`);
    if (['record', 'target'].includes(cell.dataset.field)) field.setAttribute('list', `storeroom-${cell.dataset.field}`);
    cell.classList.add('is-editing');
    cell.replaceChildren(field);
    field.focus();
    if (typed === null) field.select();
    let isOver = false;
    const end = (isKept) => {
      if (isOver) return;
      isOver = true;
      cell.classList.remove('is-editing');
      cell.innerHTML = shown;
      if (isKept) send([{ cell, typed: field.value.trim() }]);
      else draw();
    };
    field.addEventListener('blur', () => end(true));
    field.addEventListener('keydown', (event) => {
      event.stopPropagation();
      const { row, column } = at(cell);
      if (event.key === 'Escape') end(false);
      else if (event.key === 'Enter' && !(field.localName === 'textarea' && event.shiftKey)) end(true);
      else if (event.key === 'Tab') end(true);
      else return;
      event.preventDefault();
      if (event.key === 'Escape') go(cell);
      else if (event.key === 'Tab') go(cellAt({ row, column: column + (event.shiftKey ? -1 : 1) }) ?? cell, { isQuiet: true });
      else go(cellAt({ row: row + 1, column }) ?? cell, { isQuiet: true });
    });
  }

  function onKey(event) {
    const cell = event.target.closest?.('[role=gridcell]');
    if (!cell || cell.classList.contains('is-editing')) return;
    const command = event.ctrlKey || event.metaKey;
    const { row, column } = at(cell);
    const last = { row: rows().length - 1, column: cellsIn(rows()[0]).length - 1 };
    const step = {
      ArrowUp: { row: row - 1, column }, ArrowDown: { row: row + 1, column }, ArrowLeft: { row, column: column - 1 }, ArrowRight: { row, column: column + 1 },
      Home: { row: command ? 0 : row, column: 0 }, End: { row: command ? last.row : row, column: last.column },
    }[event.key];
    if (step && event.altKey) {
      if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
      htmx.ajax('POST', `${root().dataset.url}/move`, { target: '#bench', swap: 'morph:innerHTML', values: { ...state(), record: recordOf(cell), by: event.key === 'ArrowUp' ? -1 : 1 } });
    } else if (step) go(cellAt(step), { isTaking: event.shiftKey });
    else if (event.key === 'PageDown' || event.key === 'PageUp') root().querySelector(`[data-page-by="${event.key === 'PageDown' ? 1 : -1}"]`)?.click();
    else if (command && event.key === ' ') {
      isWhole = true;
      to = cell.id;
      draw();
      announce(`All ${root().dataset.count} are taken.`);
    } else if (command && event.key.toLowerCase() === 'd') fillDown();
    else if (event.key === 'Enter' || event.key === 'F2') write(cell);
    else if (event.key === 'Delete' || event.key === 'Backspace') send(taken().filter(isWritable).map((each) => ({ cell: each, typed: '' })));
    else if (event.key === 'Escape') {
      taken().forEach((each) => { if (refused.delete(keyOf(each))) each.textContent = each.dataset.typed; });
      go(cell);
    } else if (event.key.length === 1 && !command && event.key !== '/' && event.key !== '?') write(cell, event.key);
    else return;
    event.preventDefault();
  }

  /** What stands in the first row that is taken, in all of them. */
  function fillDown() {
    const b = box();
    if (!b) return;
    send(cellsOf(b).filter(({ row }) => row > b.top).map(({ row, column }) => ({ cell: cellAt({ row, column }), typed: cellAt({ row: b.top, column }).dataset.typed }))
      .filter(({ cell }) => isWritable(cell)));
  }

  function onCopy(event) {
    const b = event.target.closest?.('[role=gridcell]:not(.is-editing)') ? box() : null;
    if (!b) return;
    const lines = [];
    for (const { row, column } of cellsOf(b)) (lines[row - b.top] ??= []).push(cellAt({ row, column }).dataset.typed);
    event.clipboardData.setData('text/plain', Papa.unparse(lines, { delimiter: '\t', newline: '\n' }));
    event.preventDefault();
    announce(`${lines.length * lines[0].length} cells copied.`);
  }

  function onPaste(event) {
    const cell = event.target.closest?.('[role=gridcell]:not(.is-editing)');
    if (!cell) return;
    event.preventDefault();
    const { data } = Papa.parse(event.clipboardData.getData('text/plain').replace(/\r?\n$/, ''), { delimiter: '\t' });
    const { cells, left } = placed(data, box() ?? boxOf(at(cell), at(cell)), { rows: rows().length, columns: cellsIn(rows()[0]).length });
    const found = cells.map(({ row, column, typed }) => ({ cell: cellAt({ row, column }), typed: typed.trim() }));
    const writable = found.filter(({ cell: each }) => isWritable(each));
    send(writable);
    const more = left + found.length - writable.length;
    announce(`${writable.length} cells pasted${more > 0 ? `, ${more} had no place` : ''}.`);
  }

  sheet.addEventListener('keydown', onKey);
  sheet.addEventListener('copy', onCopy);
  sheet.addEventListener('paste', onPaste);
  sheet.addEventListener('mousedown', (event) => {
    const cell = event.target.closest('[role=gridcell]');
    if (!cell || cell.classList.contains('is-editing')) return;
    event.preventDefault();
    go(cell, { isTaking: event.shiftKey });
    const isOver = new AbortController();
    sheet.addEventListener('mouseover', (over) => {
      const other = over.target.closest('[role=gridcell]');
      if (other && other.id !== to) go(other, { isTaking: true });
    }, { signal: isOver.signal });
    addEventListener('mouseup', () => isOver.abort(), { once: true });
  });
  sheet.addEventListener('dblclick', (event) => {
    const cell = event.target.closest('[role=gridcell]');
    if (cell && !cell.classList.contains('is-editing')) write(cell);
  });
  sheet.addEventListener('focusin', (event) => {
    const cell = event.target.closest?.('[role=gridcell]');
    if (cell && cell === event.target && cell.id !== to) go(cell);
  });

  // The bars above a column of numbers narrow the table: one by a click or Enter, several by dragging over them.
  const narrow = (column, least, most) => {
    const ranges = Object.fromEntries((state().open_ranges ?? '').split(',').filter(Boolean).map((each) => each.split(':')));
    const range = `${least}..${most}`;
    if (ranges[column] === range) delete ranges[column];
    else ranges[column] = range;
    ask({ open_ranges: Object.entries(ranges).map((each) => each.join(':')).join(','), open_page: '' });
  };
  sheet.addEventListener('click', (event) => {
    const bar = event.target.closest('.bar');
    if (bar && event.detail === 0) narrow(bar.closest('[data-bars]').dataset.bars, bar.dataset.least, bar.dataset.most);
  });
  sheet.addEventListener('pointerdown', (event) => {
    const first = event.target.closest('.bar');
    if (!first) return;
    event.preventDefault();
    const bars = [...first.parentElement.children];
    let over = first;
    const isOver = new AbortController();
    const between = () => { const ends = [bars.indexOf(first), bars.indexOf(over)].sort((a, b) => a - b); return bars.slice(ends[0], ends[1] + 1); };
    const mark = () => bars.forEach((bar) => bar.classList.toggle('is-dragged', between().includes(bar)));
    mark();
    addEventListener('pointermove', ({ clientX, clientY }) => {
      const found = document.elementFromPoint(clientX, clientY)?.closest('.bar');
      if (found && bars.includes(found)) over = found;
      mark();
    }, { signal: isOver.signal });
    addEventListener('pointerup', () => {
      isOver.abort();
      const all = between();
      bars.forEach((bar) => bar.classList.remove('is-dragged'));
      narrow(first.closest('[data-bars]').dataset.bars, all[0].dataset.least, all.at(-1).dataset.most);
    }, { once: true });
  });

  body.addEventListener('ikat:cells', ({ detail }) => {
    for (const { id, column, typed, why } of detail.refused) {
      if (id !== null && column !== '') refused.set(`${root().dataset.kind} ${id} ${column}`, { typed, why });
    }
  });
  body.addEventListener('htmx:afterSettle', () => { if (root()) draw(); });
  // Somebody else has changed the store: the table shows it, unless something is being written just now.
  body.addEventListener('htmx:afterSwap', (event) => {
    if (event.target.closest?.('.tape-who')?.querySelector('[data-store-changed]') && root() && !sheet.querySelector('.is-editing') && !isSending) ask({});
  });
}
