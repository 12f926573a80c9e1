// Sections of the bench that an edit leaves as they are: a write names them, the answer leaves them out, and they stay.
import htmx from 'htmx.org';
import { Idiomorph } from 'idiomorph/htmx';
import { heldIn } from './held.js';

const isTyped = (form) => [...form.elements].some((field) => 'defaultValue' in field && field.type !== 'hidden' && field.value !== field.defaultValue);

export function startHeldSections() {
  const body = document.body;
  const bench = document.querySelector('#bench');
  const touched = new Map();
  const sections = () => [...bench.querySelectorAll('section[data-digest]')].map((section) => ({
    id: section.id.slice('tool-'.length), digest: section.dataset.digest, isTouched: touched.get(section.id) === section.dataset.digest,
  }));

  for (const kind of ['input', 'change', 'click', 'keydown']) {
    bench.addEventListener(kind, (event) => {
      const section = event.target.closest?.('section[data-digest]');
      if (section) touched.set(section.id, section.dataset.digest);
    }, true);
  }
  body.addEventListener('htmx:configRequest', ({ detail }) => {
    if (detail.verb !== 'get') detail.formData.set('held', heldIn(sections()));
  });
  body.addEventListener('ikat:edited', () => touched.clear());

  Idiomorph.defaults.callbacks.beforeNodeMorphed = (old, fresh) => !(fresh.dataset && 'held' in fresh.dataset && old.id === fresh.id)
    // What is being written is not taken out of somebody's hands, and what is typed of a new record stays until it is made.
    && !old.classList?.contains('is-editing')
    && !(old.dataset && 'richPlace' in old.dataset && old.id === fresh.id)
    && !(old.dataset?.newOf && old.dataset.newOf === fresh.dataset?.newOf && isTyped(old));
  // The bench has become another one while the answer was under way: what was left out of it is asked for.
  body.addEventListener('htmx:afterSwap', () => {
    if (!bench.querySelector('[data-held]')) return;
    const values = Object.fromEntries(new FormData(document.querySelector('#state')));
    htmx.ajax('GET', `${body.dataset.base}/${values.step}`, { target: '#bench', swap: 'morph:innerHTML', values });
  });
}
