// The ways a product comes: cells in which one types, moves by arrows and pastes.
import { askFrom } from './record-place.js';

export function startWays() {
  const { body } = document;

  /** Cells that are on their way to be kept. */
  let sent = [];

  function keep(table, cells) {
    const changed = cells.filter((cell) => cell.value.trim() !== cell.dataset.stood);
    if (changed.length === 0) return;
    const values = { record: table.dataset.record, part: changed[0].dataset.part };
    changed.forEach((cell) => { values[`ways[${cell.dataset.way}]`] = cell.value; });
    sent = changed;
    askFrom(table, 'POST', table.dataset.ways, values);
  }
  body.addEventListener('htmx:beforeSwap', ({ detail }) => {
    const table = detail.requestConfig.elt;
    if (!table?.matches?.('.ways') || detail.xhr.status !== 422) return;
    detail.shouldSwap = false;
    table.parentElement.querySelector('.refused')?.remove();
    const told = document.createElement('p');
    told.className = 'refused';
    told.id = 'ways-refused';
    told.setAttribute('role', 'alert');
    told.textContent = detail.xhr.responseText;
    table.after(told);
    for (const cell of sent) {
      const isMeant = told.textContent.startsWith(`${cell.dataset.way}:`);
      cell.toggleAttribute('aria-invalid', isMeant);
      if (!isMeant) continue;
      cell.setAttribute('aria-invalid', 'true');
      cell.setAttribute('aria-describedby', told.id);
    }
  });
  const shown = (row) => [...row.querySelectorAll('input')].filter((cell) => cell.checkVisibility());
  const grid = (table) => [...table.tBodies[0].rows].map(shown);
  const at = (rows, cell) => {
    const row = rows.findIndex((cells) => cells.includes(cell));
    return [row, rows[row].indexOf(cell)];
  };

  body.addEventListener('change', (event) => {
    const table = event.target.closest('.ways');
    if (table) keep(table, [event.target]);
  });
  body.addEventListener('keydown', (event) => {
    const table = event.target.closest('.ways');
    if (!table || event.target.tagName !== 'INPUT' || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'Escape' && event.target.value !== event.target.dataset.stood) {
      event.target.value = event.target.dataset.stood;
      event.stopPropagation();
      return;
    }
    const field = event.target;
    const isEnd = (end) => field.selectionStart === field.selectionEnd && field.selectionEnd === end;
    const steps = { ArrowUp: [-1, 0], ArrowDown: [1, 0], Enter: [1, 0] };
    if (isEnd(0)) steps.ArrowLeft = [0, -1];
    if (isEnd(field.value.length)) steps.ArrowRight = [0, 1];
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    const rows = grid(table);
    const [row, column] = at(rows, field);
    const next = rows[row + step[0]]?.[column + step[1]];
    if (next) {
      next.focus();
      next.select();
    } else if (event.key === 'Enter') keep(table, [field]);
  });
  body.addEventListener('paste', (event) => {
    const table = event.target.closest('.ways');
    const lines = event.clipboardData?.getData('text').replace(/\r?\n$/, '').split(/\r?\n/).map((line) => line.split('\t')) ?? [];
    if (!table || lines.length === 0 || lines.length === 1 && lines[0].length === 1) return;
    event.preventDefault();
    const rows = grid(table);
    const [row, column] = at(rows, event.target);
    const filled = [];
    lines.forEach((line, down) => line.forEach((typed, along) => {
      const cell = rows[row + down]?.[column + along];
      if (!cell) return;
      cell.value = typed.trim();
      filled.push(cell);
    }));
    keep(table, filled);
  });
}
