// The open record on the bench: what is refused is told beside its field, and its pictures are put in order.
import { startBringPictures } from './bring-pictures.js';
import { keepNames, namesIn, startPlacedLists } from './placed-list.js';

export function startRecordForm() {
  const body = document.body;

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
  const add = (names) => keepNames(list(), [...namesIn(list()), ...names]);
  body.addEventListener('submit', (event) => {
    if (!event.target.matches('[data-picture-add]')) return;
    event.preventDefault();
    const field = event.target.elements.picture;
    if (field.value.trim() !== '') add([field.value.trim()]);
    field.value = '';
  });
  body.addEventListener('ikat:picture', ({ detail }) => add([detail.name]));
  startPlacedLists();
  startBringPictures(add);
}
