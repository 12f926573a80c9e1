import { momentIn } from './addresses.js';

/** The window's own clock: the shop as it will be. Calls turned(moment) when another moment is chosen. */
export function startClock(root, turned, signal) {
  const field = root.querySelector('[data-clock]');
  const now = root.querySelector('[data-clock-now]');
  const words = root.querySelector('[data-clock-words]');

  async function turnTo(value) {
    const moment = momentIn(value);
    const isNow = moment === 'now';
    now.hidden = isNow;
    root.classList.toggle('is-other-time', !isNow);
    turned(moment);
    const answer = isNow ? null : await fetch(`${document.body.dataset.base}/moment?at=${moment}`, { headers: { Accept: 'application/json' } }).catch(() => null);
    words.textContent = answer?.ok ? (await answer.json()).words : '';
  }
  field.addEventListener('change', () => { if (field.validity.valid) turnTo(field.value); }, { signal });
  now.addEventListener('click', () => { field.value = ''; turnTo(''); field.focus(); }, { signal });
}
