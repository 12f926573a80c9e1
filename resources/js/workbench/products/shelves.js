// The shelves: a column's edge, what stands between cards, the page's width and how many stand on a page, dragged or moved by key.
import { atRest } from '../shell/at-rest.js';
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

const KEYS = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 4, PageDown: -4 };

/** Px of the pointer for each px of letters, and of space within a card. */
const LETTERS = 5;

export function startShelves(shopWindow) {
  const drawingOf = (mark) => mark.closest('[data-shelves]');
  const markOf = (event) => event.target.closest?.('[data-shelves] [data-slides]:not([aria-disabled])');
  const valueOf = (mark) => Number(mark.getAttribute('aria-valuenow'));

  /** Px of the drawing under a pointer, from its left. */
  const across = (mark, clientX) => {
    const drawing = drawingOf(mark);
    const box = drawing.getBoundingClientRect();
    return ((clientX - box.left) / box.width) * drawing.viewBox.baseVal.width;
  };
  const values = {
    columns: (mark, x) => {
      const { left, room, gap } = mark.dataset;
      const card = (x - Number(left)) / Number(drawingOf(mark).dataset.scale);
      return (Number(room) + Number(gap)) / Math.max(1, card + Number(gap) / 2);
    },
    gap: (mark, x, was, from) => was + (x - from) / Number(drawingOf(mark).dataset.scale),
    page: (mark, x, was, from) => was + (2 * (x - from)) / Number(drawingOf(mark).dataset.scale),
    frame: (mark, x) => {
      const { left, room, least, most } = drawingOf(mark).dataset;
      return least * (most / least) ** ((x - left) / room);
    },
    share: (mark, x) => {
      const { left, room, turned } = drawingOf(mark).dataset;
      const share = (100 * (x - left)) / room;
      return turned === 'yes' ? 100 - share : share;
    },
    letters: (mark, x, was, from) => was + (x - from) / LETTERS,
    count: (mark, x) => 1 + (x - Number(mark.dataset.first)) / Number(mark.dataset.each),
  };

  /** What belongs to one screen is seen on it. */
  const show = (mark) => { if (mark.dataset.screen) shopWindow.setWidth(Number(mark.dataset.screen)); };

  function move(mark, wanted) {
    const { step, unit, live } = mark.dataset;
    const [least, most] = [Number(mark.getAttribute('aria-valuemin')), Number(mark.getAttribute('aria-valuemax'))];
    const value = Math.min(most, Math.max(least, Number((Math.round(wanted / Number(step)) * Number(step)).toFixed(4))));
    if (value === valueOf(mark)) return;
    mark.setAttribute('aria-valuenow', value);
    mark.setAttribute('aria-valuetext', `${value} ${unit}`.trim());
    mark.querySelector('.slide-words').textContent = value;
    mark.classList.add('is-moved');
    if (live) shopWindow.show(live, `${value}${unit}`);
  }

  const rest = atRest((mark) => keepEdits({ [mark.dataset.path]: valueOf(mark) }));

  onTools('keydown', (event) => {
    const mark = markOf(event);
    if (!mark || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'Enter') return rest.now();
    const end = { Home: 'aria-valuemin', End: 'aria-valuemax' }[event.key];
    const by = KEYS[event.key];
    if (!by && !end) return;
    event.preventDefault();
    event.stopPropagation();
    show(mark);
    move(mark, end ? Number(mark.getAttribute(end)) : valueOf(mark) + by * Number(mark.dataset.step));
    rest.later(mark);
  });
  onTools('pointerdown', (event) => {
    const mark = markOf(event);
    if (!mark || event.button !== 0) return;
    show(mark);
    const was = valueOf(mark);
    const from = across(mark, event.clientX);
    const named = mark.dataset.slides === 'frame' ? drawingOf(mark).querySelectorAll('[data-moves="frame"]') : [];
    const moved = [...new Set([...named, ...mark.querySelectorAll('[data-moves]'), mark.previousElementSibling])].filter((each) => each?.hasAttribute('data-moves'));
    drag(event, mark, {
      move: (to) => {
        const x = across(mark, to.clientX);
        moved.forEach((each) => each.setAttribute('transform', `translate(${(x - from).toFixed(1)} 0)`));
        move(mark, values[mark.dataset.slides](mark, x, was, from));
      },
      end: () => {
        moved.forEach((each) => each.removeAttribute('transform'));
        if (valueOf(mark) !== was) rest.now(mark);
      },
    });
  });
}
