// Labels are dragged to another corner of the picture, or moved there with the arrow keys.
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

/** Px that the pointer goes before labels are carried. */
const SLIP = 4;

const WAYS = { ArrowLeft: ['across', 'start'], ArrowRight: ['across', 'end'], ArrowUp: ['down', 'top'], ArrowDown: ['down', 'bottom'] };

export function startLabelCorner() {
  const labelsAt = (event) => event.target.closest?.('[data-labels][role="button"]');

  async function stand(labels, across, down) {
    if (labels.dataset.across === across && labels.dataset.down === down) return;
    await keepEdits({ 'card.label.across': across, 'card.label.down': down });
    document.getElementById(labels.id)?.focus();
  }

  onTools('keydown', (event) => {
    const labels = labelsAt(event);
    const way = labels && WAYS[event.key];
    if (!way || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    const corner = { across: labels.dataset.across, down: labels.dataset.down, [way[0]]: way[1] };
    stand(labels, corner.across, corner.down);
  });
  onTools('pointerdown', (event) => {
    const labels = labelsAt(event);
    if (!labels || event.button !== 0) return;
    const svg = labels.ownerSVGElement;
    const scale = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
    const picture = svg.querySelector('[data-picture-room]');
    let to = null;
    drag(event, labels, {
      move: (now) => {
        const [x, y] = [now.clientX - event.clientX, now.clientY - event.clientY];
        if (!to && Math.hypot(x, y) < SLIP) return;
        to = now;
        labels.classList.add('is-carried');
        labels.setAttribute('transform', `translate(${(x * scale).toFixed(1)} ${(y * scale).toFixed(1)})`);
      },
      end: () => {
        labels.classList.remove('is-carried');
        labels.removeAttribute('transform');
        if (!to) return;
        const box = picture.getBoundingClientRect();
        stand(labels, to.clientX < box.left + box.width / 2 ? 'start' : 'end', to.clientY < box.top + box.height / 2 ? 'top' : 'bottom');
      },
    });
  });
}
