// The year board: the ends of the open season are moved along it by days, and so is the clock of the shop window.
import { drag } from '../shell/dragging.js';
import { keepEdit } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

/** Ms without another key after which a moved end is kept. */
const RESTS = 450;
const DAY = 86_400_000;

const parse = (written) => Date.UTC(...written.split(/[-T:]/).map((part, i) => (i === 1 ? part - 1 : Number(part))));
const write = (time) => new Date(time).toISOString().slice(0, 16);
const told = (written) => new Date(parse(written)).toLocaleString('en-US', { timeZone: 'UTC', month: 'short', day: 'numeric', year: 'numeric', hour: 'numeric', minute: '2-digit' });
const short = (written) => new Date(parse(written)).toLocaleString('en-US', { timeZone: 'UTC', month: 'short', day: 'numeric' });

/** Days a key moves by; null for none. */
function daysOf({ key, shiftKey }) {
  const step = shiftKey ? 7 : 1;
  return { ArrowLeft: -step, ArrowDown: -step, ArrowRight: step, ArrowUp: step, PageDown: -30, PageUp: 30 }[key] ?? null;
}

export function startYearBoard() {
  const board = () => document.querySelector('[data-year]');
  const clock = document.querySelector('[data-clock]');
  let moved = null;
  let timer = null;

  const dayWidth = () => Number(board().dataset.day);
  const xOf = (written) => Number(board().dataset.left) + ((parse(written) - parse(board().dataset.from)) / DAY) * dayWidth();

  /** Where the clock stands; at the edge where the board does not reach it. */
  function standClock() {
    if (!board()) return;
    const at = clock.value.slice(0, 16) || board().dataset.now;
    const left = Number(board().dataset.left);
    const x = Math.min(Math.max(xOf(at), left), left + Number(board().dataset.width));
    const knot = board().querySelector('[data-clock-knot]');
    knot.setAttribute('transform', `translate(${Math.round(x * 10) / 10} 0)`);
    knot.dataset.value = at;
    knot.setAttribute('aria-valuetext', clock.value === '' ? `now, ${told(at)}` : told(at));
    knot.querySelector('.knot-words').textContent = clock.value === '' ? 'now' : short(at);
  }

  function setClock(at) {
    clock.value = at;
    clock.dispatchEvent(new Event('change', { bubbles: true }));
  }

  /** Shows a handle some days away from where it stands; nothing is kept yet. */
  function shift(handle, days) {
    const to = write(parse(handle.dataset.value) + days * DAY);
    moved = { handle, days, to };
    if (handle.matches('[data-clock-knot]')) {
      handle.setAttribute('transform', `translate(${xOf(to)} 0)`);
      handle.querySelector('.knot-words').textContent = short(to);
    } else {
      handle.setAttribute('transform', `translate(${days * dayWidth()} 0)`);
      handle.querySelector('.handle-words').textContent = short(to);
    }
    handle.classList.add('is-moving');
    handle.setAttribute('aria-valuenow', days);
    handle.setAttribute('aria-valuetext', told(to));
  }

  function keep() {
    clearTimeout(timer);
    if (!moved) return;
    const { handle, days, to } = moved;
    moved = null;
    handle.classList.remove('is-moving');
    if (days === 0) return;
    if (handle.matches('[data-clock-knot]')) setClock(to);
    else keepEdit(handle.dataset.date, to);
  }

  function letGo() {
    clearTimeout(timer);
    if (!moved) return;
    shift(moved.handle, 0);
    moved.handle.classList.remove('is-moving');
    moved = null;
    standClock();
  }

  onTools('keydown', (event) => {
    const handle = event.target.closest?.('[data-year] [role=slider]');
    if (!handle) return;
    const days = daysOf(event);
    if (days !== null) {
      event.preventDefault();
      event.stopPropagation();
      shift(handle, (moved?.handle === handle ? moved.days : 0) + days);
      clearTimeout(timer);
      timer = setTimeout(keep, RESTS);
    } else if (event.key === 'Escape') letGo();
    else if (event.key === 'Enter') keep();
    // A date is typed where it is written.
    else if (/^\d$/.test(event.key)) (handle.dataset.date ? document.querySelector(`#c-${handle.dataset.date.replaceAll('.', '-')}`) : clock)?.focus();
  });
  onTools('focusout', (event) => { if (moved && event.target === moved.handle) keep(); });
  onTools('pointerdown', (event) => {
    const handle = event.target.closest?.('[data-year] [role=slider]');
    if (!handle) return;
    const began = event.clientX;
    const scale = board().getBoundingClientRect().width / board().viewBox.baseVal.width;
    drag(event, handle, { move: ({ clientX }) => shift(handle, Math.round((clientX - began) / scale / dayWidth())), end: keep });
  });
  document.body.addEventListener('htmx:afterSettle', standClock);
  document.body.addEventListener('ikat:clock', standClock);
  standClock();
}
