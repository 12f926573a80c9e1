// Blocks of a product's page, or lines of a card, are put in another order: a plate is dragged up or down, or moved with Alt and the arrow keys.
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

/** Px that the pointer goes before a plate is carried. */
const SLIP = 4;

export function startBlockOrder(announce) {
  const listOf = (plate) => plate.closest('[data-blocks]');
  const platesOf = (list) => [...list.querySelectorAll('[data-block]')];
  const plateAt = (event) => event.target.closest?.('[data-block][role="button"]');

  async function place(plate, to) {
    const { blocks, orders } = listOf(plate).dataset;
    const order = blocks.split(',');
    const from = order.indexOf(plate.dataset.block);
    const [id, name] = [plate.id, plate.querySelector('text').textContent];
    if (to < 0 || to >= order.length || to === from) return;
    order.splice(to, 0, ...order.splice(from, 1));
    await keepEdits({ [orders]: order.join(',') });
    const moved = document.getElementById(id);
    if (moved) {
      platesOf(listOf(moved)).forEach((each) => each.setAttribute('tabindex', each === moved ? 0 : -1));
      moved.focus();
    }
    announce(`${name}: place ${to + 1} of ${order.length}.`);
  }

  onTools('keydown', (event) => {
    const plate = plateAt(event);
    const by = plate ? { ArrowUp: -1, ArrowDown: 1 }[event.key] : undefined;
    if (by === undefined || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    const all = platesOf(listOf(plate));
    const at = all.indexOf(plate);
    if (event.altKey) {
      place(plate, at + by);
      return;
    }
    const next = all[at + by];
    if (!next) return;
    plate.setAttribute('tabindex', -1);
    next.setAttribute('tabindex', 0);
    next.focus();
  });
  onTools('pointerdown', (event) => {
    const plate = plateAt(event);
    if (!plate || event.button !== 0) return;
    const svg = plate.ownerSVGElement;
    const scale = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
    const each = Number(listOf(plate).dataset.each);
    const all = platesOf(listOf(plate));
    const from = all.indexOf(plate);
    let to = from;
    let isCarried = false;
    drag(event, plate, {
      move: (now) => {
        const y = (now.clientY - event.clientY) * scale;
        if (!isCarried && Math.abs(y) < SLIP) return;
        isCarried = true;
        plate.classList.add('is-carried');
        plate.setAttribute('transform', `translate(0 ${y.toFixed(1)})`);
        to = Math.min(all.length - 1, Math.max(0, from + Math.round(y / each)));
        // The others make room.
        all.forEach((other, i) => {
          if (other === plate) return;
          const by = i > from && i <= to ? -each : i < from && i >= to ? each : 0;
          if (by) other.setAttribute('transform', `translate(0 ${by})`);
          else other.removeAttribute('transform');
        });
      },
      end: () => {
        plate.classList.remove('is-carried');
        all.forEach((other) => other.removeAttribute('transform'));
        if (isCarried) place(plate, to);
      },
    });
  });
}
