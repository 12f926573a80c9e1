// Lists of the open record that are put in order by dragging or by key: its pictures, the goods of a shelf. A field keeps the names in order.
import Sortable from 'sortablejs';

export const namesIn = (list) => [...list.children].map((item) => item.dataset.name);

/**
 * @param moved place of what was moved: where only the first are placed by hand, those before it keep their places and all after it stand as they do
 */
export function keepNames(list, names, moved = names.length) {
  const field = document.getElementById(list.dataset.keptBy);
  const kept = list.dataset.placed === undefined ? names : names.slice(0, Math.max(Number(list.dataset.placed), moved + 1));
  field.value = kept.join(list.dataset.between);
  field.dispatchEvent(new Event('change', { bubbles: true }));
}

export function startPlacedLists() {
  const { body } = document;
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;

  body.addEventListener('click', ({ target }) => {
    const button = target.closest('[data-place-by], [data-place-out]');
    const item = button?.closest('li');
    if (!item) return;
    const list = item.parentElement;
    const names = namesIn(list);
    const now = names.indexOf(item.dataset.name);
    const then = now + Number(button.dataset.placeBy ?? 0);
    names.splice(now, 1);
    if (button.dataset.placeBy) names.splice(then, 0, item.dataset.name);
    keepNames(list, names, Math.max(now, then));
  });
  const dragged = () => {
    for (const list of body.querySelectorAll('[data-kept-by]')) {
      if (!list.querySelector('button') || Sortable.get(list)) continue;
      Sortable.create(list, {
        draggable: 'li', filter: 'button', preventOnFilter: false, animation: calm ? 0 : 120,
        onEnd: ({ oldIndex, newIndex }) => { if (oldIndex !== newIndex) keepNames(list, namesIn(list), Math.max(oldIndex, newIndex)); },
      });
    }
  };
  body.addEventListener('htmx:afterSettle', dragged);
  dragged();
}
