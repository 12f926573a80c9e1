// The river: its cursor says how wide the window is, its mark where the menu folds away, and what makes the top tall is dragged.
import htmx from 'htmx.org';
import { atRest } from '../shell/at-rest.js';
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

/** Px near the width at which all fits, where the mark is let go of to fold there by itself. */
const NEAR = 8;

/** Px of the page that a key goes: the arrow keys, and the page keys. */
const KEYS = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 40, PageDown: -40 };

export function startRiver(shopWindow) {
  const river = () => document.querySelector('[data-river]');

  const bounds = () => ({ left: Number(river().dataset.left), right: Number(river().dataset.right), narrowest: Number(river().dataset.narrowest), widest: Number(river().dataset.widest) });
  const xOf = (width) => { const { left, right, narrowest, widest } = bounds(); return left + ((width - narrowest) / (widest - narrowest)) * (right - left); };
  /** The width of a screen under a point of the drawing. */
  function widthAt(clientX) {
    const { left, right, narrowest, widest } = bounds();
    const box = river().getBoundingClientRect();
    const x = ((clientX - box.left) / box.width) * river().viewBox.baseVal.width;
    return Math.round(Math.min(widest, Math.max(narrowest, narrowest + ((x - left) / (right - left)) * (widest - narrowest))));
  }

  function place(mark, width, words) {
    mark.closest('[data-mover]').setAttribute('transform', `translate(${xOf(width).toFixed(1)} 0)`);
    mark.setAttribute('aria-valuenow', width);
    mark.setAttribute('aria-valuetext', `${width} px`);
    mark.querySelector('text').textContent = words;
  }
  const ways = {
    cursor: {
      move: (mark, width) => { place(mark, width, width.toLocaleString('en')); shopWindow.setWidth(width); },
      keep: (mark) => htmx.ajax('GET', `${river().dataset.place}${river().dataset.place.includes('?') ? '&' : '?'}open_at=${mark.getAttribute('aria-valuenow')}`, { target: '#bench', swap: 'morph:innerHTML' }),
    },
    fold: {
      move: (mark, width) => { place(mark, width, `folds at ${width.toLocaleString('en')}`); shopWindow.foldBelow(width); },
      keep: (mark) => {
        const width = Number(mark.getAttribute('aria-valuenow'));
        if (width === Number(mark.dataset.at)) return;
        const isFit = Math.abs(width - Number(river().dataset.fits)) <= NEAR;
        keepEdits(isFit ? { 'header.menu.folds': 'fits' } : { 'header.menu.folds': 'at', 'header.menu.fold': width - 1 });
      },
    },
    cause: {
      move: (mark, value) => {
        const { least, most, step, unit, live } = mark.dataset;
        const next = Math.min(Number(most), Math.max(Number(least), Math.round(value / Number(step)) * Number(step)));
        mark.setAttribute('aria-valuenow', next);
        mark.setAttribute('aria-valuetext', `${next} px`);
        mark.querySelector('.figure').textContent = next;
        mark.classList.add('is-moved');
        shopWindow.show(live, next + unit);
      },
      keep: (mark) => keepEdits({ [mark.dataset.path]: Number(mark.getAttribute('aria-valuenow')) }),
    },
  };
  const wayOf = (mark) => ways['cursor' in mark.dataset ? 'cursor' : 'fold' in mark.dataset ? 'fold' : 'cause'];
  const markOf = (event) => event.target.closest?.('[data-river] [role=slider]:not([aria-disabled])');
  const valueOf = (mark) => Number(mark.getAttribute('aria-valuenow'));

  const rest = atRest((mark) => wayOf(mark).keep(mark));

  onTools('keydown', (event) => {
    const mark = markOf(event);
    if (!mark || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'Enter') return rest.now();
    const by = KEYS[event.key];
    const end = { Home: 'aria-valuemin', End: 'aria-valuemax' }[event.key];
    if (!by && !end) return;
    event.preventDefault();
    event.stopPropagation();
    const isCause = wayOf(mark) === ways.cause;
    const step = isCause ? Number(mark.dataset.step) : event.shiftKey ? 10 : 1;
    const wanted = end ? Number(mark.getAttribute(end)) : valueOf(mark) + Math.sign(by) * (isCause ? Math.min(8, Math.abs(by)) : Math.abs(by)) * step;
    wayOf(mark).move(mark, Math.min(Number(mark.getAttribute('aria-valuemax')), Math.max(Number(mark.getAttribute('aria-valuemin')), wanted)));
    rest.later(mark);
  });
  onTools('pointerdown', (event) => {
    const mark = markOf(event);
    if (!mark || event.button !== 0) return;
    const was = valueOf(mark);
    const { clientY } = event;
    let isMoved = false;
    drag(event, mark, {
      move: (to) => {
        isMoved = true;
        if (wayOf(mark) === ways.cause) ways.cause.move(mark, was + (to.clientY - clientY) / Number(river().dataset.scale));
        else wayOf(mark).move(mark, widthAt(to.clientX));
      },
      end: () => { if (isMoved && valueOf(mark) !== was) rest.now(mark); },
    });
  });
  // A click beside the marks brings the cursor there.
  onTools('click', (event) => {
    if (!event.target.closest?.('[data-river]') || markOf(event)) return;
    const cursor = river().querySelector('[data-cursor]');
    const box = river().getBoundingClientRect();
    if (event.clientX - box.left < (bounds().left / river().viewBox.baseVal.width) * box.width) return;
    ways.cursor.move(cursor, widthAt(event.clientX));
    ways.cursor.keep(cursor);
  });
}
