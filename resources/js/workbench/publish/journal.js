// The journal: the point that is looked at is moved along the thread, and the shop window shows it beside another.
import htmx from 'htmx.org';
import { drag } from '../shell/dragging.js';
import { inTools, onTools } from '../shell/tools.js';

/** Ms without another key after which the point is looked at. */
const RESTS = 300;

export function startJournal(shopWindow) {
  let moved = null;
  let timer = null;

  const drawing = () => document.querySelector('[data-journal]');
  /** Points on the thread, one after another as they came about; what two people did in the same hour does not stand in that order. */
  function points() {
    const thread = JSON.parse(drawing().dataset.thread);
    const head = Number(drawing().dataset.head);
    return thread.map(([sequence, x, words]) => ({ sequence, x, words: sequence === head ? 'now' : `edit ${sequence}, ${words}` })).sort((a, b) => a.sequence - b.sequence);
  }

  function place(knot, point) {
    moved = { knot, point };
    knot.setAttribute('transform', `translate(${point.x} 0)`);
    knot.setAttribute('aria-valuenow', point.sequence);
    knot.setAttribute('aria-valuetext', point.words);
    knot.querySelector('.knot-words').textContent = point.words;
  }

  function look() {
    clearTimeout(timer);
    if (!moved) return;
    const { point } = moved;
    moved = null;
    const address = new URL(drawing().dataset.address, location.href);
    address.searchParams.set('open_point', point.sequence);
    htmx.ajax('GET', address.pathname + address.search, { target: '#bench', swap: 'morph:innerHTML' });
  }

  onTools('keydown', (event) => {
    const knot = event.target.closest?.('[data-point-knot]');
    if (!knot) return;
    const all = points();
    const from = moved?.point.sequence ?? Number(knot.dataset.value);
    const last = all.findLastIndex(({ sequence }) => sequence <= from);
    const step = event.shiftKey ? 10 : 1;
    const to = {
      ArrowLeft: last - step, ArrowDown: last - step, ArrowRight: last + step, ArrowUp: last + step, Home: 0, End: all.length - 1,
    }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    place(knot, all[Math.min(Math.max(to, 0), all.length - 1)]);
    clearTimeout(timer);
    timer = setTimeout(look, RESTS);
  });
  onTools('pointerdown', (event) => {
    const knot = event.target.closest?.('[data-point-knot]');
    if (!knot) return;
    drag(event, knot, {
      move({ clientX }) {
        const { left, width } = drawing().getBoundingClientRect();
        const x = ((clientX - left) * drawing().viewBox.baseVal.width) / width;
        place(knot, points().reduce((best, each) => (Math.abs(each.x - x) < Math.abs(best.x - x) ? each : best)));
      },
      end: look,
    });
  });

  // The window shows what the bench looks at.
  function show() {
    const held = inTools('[data-points]')[0]?.dataset.points ?? '';
    shopWindow.comparePoints(held === '' ? null : JSON.parse(held));
  }
  document.body.addEventListener('htmx:afterSettle', show);
  show();
}
