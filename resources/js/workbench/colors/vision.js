// The shop window and the pairs as other eyes see them: a color matrix over them, nothing else changes.
import { inTools } from '../shell/tools.js';

export function startVision() {
  const bench = document.querySelector('#bench');
  const stage = document.querySelector('[data-stage]');
  let seen = '';

  function wear() {
    const filter = seen === '' ? '' : `url("#sees-${seen}")`;
    stage.style.filter = filter;
    for (const place of ['.pair-table', '.living', '.samples'].flatMap(inTools)) place.style.filter = filter;
    bench.querySelectorAll('[data-sees]').forEach((b) => b.setAttribute('aria-pressed', String(b.dataset.sees === seen)));
  }
  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-sees]');
    if (!button) return;
    seen = button.dataset.sees;
    wear();
  });
  // Another step shows the shop as it is again.
  document.body.addEventListener('htmx:afterSettle', () => { if (!bench.querySelector('[data-sees]')) seen = ''; wear(); });
}
