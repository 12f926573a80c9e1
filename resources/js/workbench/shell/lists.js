// Lists whose order the merchant sets: by dragging, or with the buttons for up and down. The server keeps the order.
import htmx from 'htmx.org';
import Sortable from 'sortablejs';

export function startLists() {
  const bench = document.querySelector('#bench');
  const names = (list) => [...list.children].map((item) => item.dataset.name);
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;

  function keep(list) {
    const items = list.closest('[data-items]');
    if (items) {
      const state = Object.fromEntries(new FormData(document.querySelector('#state')));
      htmx.ajax('POST', items.dataset.url, { target: '#bench', swap: 'morph:innerHTML', values: { ...state, path: items.dataset.items, value: names(list).join(',') } });
      return;
    }
    const value = list.closest('form').querySelector('[data-picks-value]');
    value.value = names(list).join(',');
    value.dispatchEvent(new Event('change', { bubbles: true }));
  }

  function move(button, by) {
    const item = button.closest('li');
    const other = by < 0 ? item.previousElementSibling : item.nextElementSibling;
    if (!other) return;
    if (by < 0) other.before(item);
    else other.after(item);
    button.focus();
    keep(item.parentElement);
  }

  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-move], [data-pick-move], [data-pick-out]');
    if (!button) return;
    if ('pickOut' in button.dataset) {
      const list = button.closest('ol');
      button.closest('li').remove();
      keep(list);
    } else move(button, Number(button.dataset.move ?? button.dataset.pickMove));
  });
  // Adding one is a change of the list, not of the field that names it.
  bench.addEventListener('change', (event) => {
    const field = event.target.closest('[data-pick-add]');
    if (!field) return;
    event.stopPropagation();
    if (field.value === '') return;
    const value = field.closest('form').querySelector('[data-picks-value]');
    value.value = [value.value, field.value].filter(Boolean).join(',');
    value.dispatchEvent(new Event('change', { bubbles: true }));
  }, true);

  function setUp() {
    for (const list of bench.querySelectorAll('[data-sortable]')) {
      if (Sortable.get(list)) continue;
      Sortable.create(list, { handle: '.grip-handle', ghostClass: 'drop-place', animation: calm ? 0 : 120, onEnd: ({ oldIndex, newIndex }) => { if (oldIndex !== newIndex) keep(list); } });
    }
  }
  document.body.addEventListener('htmx:afterSettle', setUp);
  setUp();
}
