// The shelf of an open category: its goods are placed by dragging or by key; those before what was moved keep their places.
import Sortable from 'sortablejs';

export function startShelf() {
  const body = document.body;
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
  const list = () => body.querySelector('[data-shelf]');

  function keep(slugs, moved) {
    const value = body.querySelector('[data-shelf-value]');
    value.value = slugs.slice(0, Math.max(Number(list().dataset.placed), moved + 1)).join('; ');
    value.dispatchEvent(new Event('change', { bubbles: true }));
  }
  const slugs = () => [...list().children].map((item) => item.dataset.slug);

  body.addEventListener('click', ({ target }) => {
    const button = target.closest('[data-shelf-move]');
    if (!button) return;
    const order = slugs();
    const { slug } = button.closest('li').dataset;
    const now = order.indexOf(slug);
    const then = now + Number(button.dataset.shelfMove);
    order.splice(now, 1);
    order.splice(then, 0, slug);
    keep(order, Math.max(now, then));
  });
  const dragged = () => {
    if (list()?.querySelector('button') && !Sortable.get(list())) Sortable.create(list(), { draggable: 'li', filter: 'button', preventOnFilter: false, animation: calm ? 0 : 120, onEnd: ({ oldIndex, newIndex }) => { if (oldIndex !== newIndex) keep(slugs(), Math.max(oldIndex, newIndex)); } });
  };
  body.addEventListener('htmx:afterSettle', dragged);
  dragged();
}
