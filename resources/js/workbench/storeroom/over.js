// The Storeroom over the bench of another step: opened where one of its things is needed, and closed again.
import htmx from 'htmx.org';

export function startOver() {
  const over = document.querySelector('#over');
  const content = over.querySelector('#over-content');
  const bench = document.querySelector('#bench');
  const stepOf = () => document.querySelector('#state [name=step]').value;
  let opener = null;
  /** The step it was opened over. */
  let step = '';

  async function open(button) {
    opener = button;
    const asked = Object.fromEntries(new URLSearchParams(button.dataset.over));
    await htmx.ajax('GET', over.dataset.url, { target: content, swap: 'innerHTML', values: asked });
    show();
  }
  function show() {
    over.hidden = false;
    bench.inert = true;
    step = stepOf();
    content.querySelector('#over-title')?.focus();
  }
  /** @param {boolean} isQuiet whether whoever closes it shows the step anew themselves */
  function close(isQuiet = false) {
    if (over.hidden) return;
    over.hidden = true;
    bench.inert = false;
    content.replaceChildren();
    const again = opener?.id ? document.getElementById(opener.id) : opener;
    again?.focus();
    // What was changed stands in the fields of the step, too.
    if (!isQuiet) htmx.trigger(document.body, 'ikat:over');
  }
  document.body.addEventListener('click', (event) => {
    const button = event.target.closest('[data-over]');
    if (button) open(button);
    else if (event.target.closest('[data-close-over]')) close();
  });
  document.body.addEventListener('ikat:open-over', show);
  document.body.addEventListener('ikat:close-over', () => close(true));
  over.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape' || event.defaultPrevented) return;
    event.stopPropagation();
    close();
  });
  // Another step has been opened behind it: it was needed for the one before.
  document.body.addEventListener('htmx:afterSettle', () => { if (!over.hidden && stepOf() !== step) close(true); });
  document.body.addEventListener('ikat:over', () => {
    const values = Object.fromEntries(new FormData(document.querySelector('#state')));
    htmx.ajax('GET', `${document.body.dataset.base}/${values.step}`, { target: '#bench', swap: 'morph:innerHTML', values });
  });
}
