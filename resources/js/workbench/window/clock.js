import { momentIn } from './addresses.js';

/** The window's own clock: the shop as it will be. Calls turned(at) when another moment is chosen, as its field writes it; empty for now. */
export function startClock(root, turned, signal) {
  const field = root.querySelector('[data-clock]');
  const now = root.querySelector('[data-clock-now]');
  const words = root.querySelector('[data-clock-words]');

  /** Says which moment the window shows, and what runs then. */
  async function show(at) {
    const isNow = at === '';
    field.value = at;
    now.hidden = isNow;
    root.classList.toggle('is-other-time', !isNow);
    root.dispatchEvent(new CustomEvent('ikat:clock', { bubbles: true }));
    const answer = isNow ? null : await fetch(`${document.body.dataset.base}/moment?at=${momentIn(at)}`, { headers: { Accept: 'application/json' } }).catch(() => null);
    if (field.value === at) words.textContent = answer?.ok ? (await answer.json()).words : '';
  }
  function turnTo(at) {
    show(at);
    turned(at);
  }
  field.addEventListener('change', () => { if (field.validity.valid) turnTo(field.value.slice(0, 16)); }, { signal });
  now.addEventListener('click', () => { turnTo(''); field.focus(); }, { signal });
  return { show };
}
