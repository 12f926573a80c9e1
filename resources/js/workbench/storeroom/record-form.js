// The open record on the bench: what is refused is told beside its field, and its pictures are put in order.
import Sortable from 'sortablejs';
import { startBringPictures } from './bring-pictures.js';

export function startRecordForm() {
  const body = document.body;
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;

  body.addEventListener('htmx:beforeSwap', (event) => {
    const { xhr, requestConfig } = event.detail;
    const form = requestConfig.elt?.closest?.('[data-record-place] form');
    if (requestConfig.elt?.dataset?.newOf && xhr.status < 400) requestConfig.elt.reset();
    if (!form || xhr.status !== 422) return;
    // Somebody else was first: sent again, what was typed is kept knowing what it takes the place of.
    const standing = xhr.getResponseHeader('X-Standing') ?? '';
    if (standing !== '' && form.elements.stood) form.elements.stood.value = decodeURIComponent(standing.slice(1));
    const line = form.querySelector(`[data-new-field="${xhr.getResponseHeader('X-Column')}"]`);
    form.querySelectorAll('[data-new-field] .refused').forEach((each) => each.remove());
    form.querySelectorAll('[data-new-field] [aria-invalid]').forEach((each) => each.removeAttribute('aria-invalid'));
    if (!line) return;
    event.detail.shouldSwap = false;
    const field = line.querySelector('[name]');
    const told = document.createElement('p');
    told.className = 'refused';
    told.id = `${field.id}-refused`;
    told.setAttribute('role', 'alert');
    told.textContent = xhr.responseText;
    field.after(told);
    field.setAttribute('aria-invalid', 'true');
    field.setAttribute('aria-describedby', told.id);
    field.focus();
  });

  const list = () => body.querySelector('[data-record-pictures]');
  function keep(names) {
    const value = body.querySelector('[data-pictures-value]');
    value.value = names.join(' ');
    value.dispatchEvent(new Event('change', { bubbles: true }));
  }
  const names = () => [...list().children].map((item) => item.dataset.name);

  body.addEventListener('click', (event) => {
    const move = event.target.closest('[data-picture-move]');
    const remove = event.target.closest('[data-picture-remove]');
    const item = (move ?? remove)?.closest('li');
    if (!item) return;
    const order = names();
    const now = order.indexOf(item.dataset.name);
    order.splice(now, 1);
    if (move) order.splice(now + Number(move.dataset.pictureMove), 0, item.dataset.name);
    keep(order);
  });
  body.addEventListener('submit', (event) => {
    if (!event.target.matches('[data-picture-add]')) return;
    event.preventDefault();
    const field = event.target.elements.picture;
    if (field.value.trim() !== '') keep([...names(), field.value.trim()]);
    field.value = '';
  });
  body.addEventListener('ikat:picture', ({ detail }) => keep([...names(), detail.name]));
  const dragged = () => {
    if (list()?.querySelector('button') && !Sortable.get(list())) Sortable.create(list(), { draggable: 'li', filter: 'button', preventOnFilter: false, animation: calm ? 0 : 120, onEnd: ({ oldIndex, newIndex }) => { if (oldIndex !== newIndex) keep(names()); } });
  };
  body.addEventListener('htmx:afterSettle', dragged);
  dragged();
  startBringPictures((made) => keep([...names(), ...made]));
}
