// The plan of the header: a part is dragged to another place, or picked up with Enter and moved with the arrow keys.
import htmx from 'htmx.org';
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

const PLACES = [['start', 'middle', 'end'], ['below-start', 'below', 'below-end']];

/** Px that the pointer goes before a part is dragged and no longer picked. */
const SLIP = 5;

export function startPlan(announce) {
  const plan = () => document.querySelector('[data-plan]');
  const isFolded = () => plan().dataset.folded === 'yes';
  let carried = null;

  const zoneAt = ({ clientX, clientY }) => [...plan().querySelectorAll('[data-zone]')].find((zone) => {
    const box = zone.getBoundingClientRect();
    return clientX >= box.left && clientX < box.right && clientY >= box.top && clientY <= box.bottom;
  });
  const aim = (place) => plan().querySelectorAll('[data-zone]').forEach((zone) => zone.classList.toggle('is-aimed', zone.dataset.zone === place));
  /** A part and its words, which are drawn apart so that they are no part of its name. */
  const drawn = (piece) => [piece, plan().querySelector(`[data-words-of="${piece.dataset.piece}"]`)];
  const wordsOf = (place) => plan().querySelector(`[data-zone="${place}"]`)?.dataset.words ?? '';

  /** Parts in the order they are in, with one of them before another of its new place. */
  function ordered(piece, before) {
    const order = plan().dataset.order.split(',');
    if (!order.includes(piece)) return null;
    const rest = order.filter((each) => each !== piece);
    rest.splice(before === null ? rest.length : rest.indexOf(before), 0, piece);
    return rest.join(',') === order.join(',') ? null : rest.join(',');
  }
  /** The first part of a place that stands right of a point. */
  function nextIn(place, piece, clientX) {
    return [...plan().querySelectorAll(`[data-piece][data-at="${place}"]`)].filter((each) => each.dataset.piece !== piece)
      .map((each) => [each, each.getBoundingClientRect()]).filter(([, box]) => (box.left + box.right) / 2 > clientX).sort(([, a], [, b]) => a.left - b.left)[0]?.[0].dataset.piece ?? null;
  }
  function drop(piece, place, order) {
    const changes = {};
    if (place !== piece.dataset.at) changes[`header.${piece.dataset.piece}.place`] = place;
    if (order) changes['header.order'] = order;
    if (Object.keys(changes).length) keepEdits(changes);
  }
  function putDown() {
    if (!carried) return;
    carried.piece.classList.remove('is-picked');
    plan()?.classList.remove('is-moving');
    aim('');
    carried = null;
  }

  onTools('pointerdown', (event) => {
    const piece = event.target.closest?.('[data-plan] [data-piece]');
    if (!piece || event.button !== 0) return;
    const { clientX, clientY } = event;
    let to = null;
    drag(event, piece, {
      move: (now) => {
        if (isFolded() || (!to && Math.hypot(now.clientX - clientX, now.clientY - clientY) < SLIP)) return;
        to = now;
        plan().classList.add('is-moving');
        piece.classList.add('is-carried');
        const ratio = plan().viewBox.baseVal.width / plan().getBoundingClientRect().width;
        const by = `translate(${(now.clientX - clientX) * ratio} ${(now.clientY - clientY) * ratio})`;
        drawn(piece).forEach((each) => each.setAttribute('transform', by));
        aim(zoneAt(now)?.dataset.zone ?? '');
      },
      end: () => {
        const place = to && zoneAt(to)?.dataset.zone;
        drawn(piece).forEach((each) => each.removeAttribute('transform'));
        piece.classList.remove('is-carried');
        plan()?.classList.remove('is-moving');
        aim('');
        if (place) drop(piece, place, ordered(piece.dataset.piece, nextIn(place, piece.dataset.piece, to.clientX)));
        else if (!to) htmx.trigger(piece, 'opened');
      },
    });
  });
  onTools('keydown', (event) => {
    const piece = event.target.closest?.('[data-plan] [data-piece]');
    if (!piece || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      if (isFolded()) return htmx.trigger(piece, 'opened');
      if (carried) {
        const { place } = carried;
        putDown();
        return drop(piece, place, null);
      }
      if (!wordsOf(piece.dataset.at)) return htmx.trigger(piece, 'opened');
      carried = { piece, place: piece.dataset.at };
      piece.classList.add('is-picked');
      plan().classList.add('is-moving');
      aim(carried.place);
      htmx.trigger(piece, 'opened');
      return announce(`${piece.getAttribute('aria-label')}: picked up. Arrow keys move it, Enter drops it, Escape puts it back.`);
    }
    if (!carried) return;
    if (event.key === 'Escape') {
      event.stopPropagation();
      putDown();
      return announce('Put back.');
    }
    const row = PLACES.findIndex((places) => places.includes(carried.place));
    const column = PLACES[row].indexOf(carried.place);
    const [down, across] = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] }[event.key] ?? [0, 0];
    if (!down && !across) return;
    event.preventDefault();
    event.stopPropagation();
    carried.place = PLACES[Math.min(1, Math.max(0, row + down))][Math.min(2, Math.max(0, column + across))];
    aim(carried.place);
    announce(wordsOf(carried.place));
  });
  // What is carried is put back where another thing is gone to.
  onTools('focusout', (event) => { if (carried && event.target === carried.piece && event.relatedTarget) putDown(); });
}
