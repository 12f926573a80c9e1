// Trying on: what is pointed at shows in the shop window, without an edit; leaving brings the kept look back.

export function startTrying(shopWindow) {
  const bench = document.querySelector('#bench');
  let timer = null;

  const trialOf = (event) => event.target.closest?.('[data-try]');
  /** What a bench that asks "take this?" wears all the while. */
  const worn = () => bench.querySelector('[data-wear]')?.dataset.wear ?? '';
  const later = (trial, delay) => { clearTimeout(timer); timer = setTimeout(() => shopWindow.tryOn(trial), delay); };

  bench.addEventListener('pointerover', (event) => { const found = trialOf(event); if (found) later(found.dataset.try, 140); });
  bench.addEventListener('pointerout', (event) => { if (trialOf(event) && trialOf(event) !== event.relatedTarget?.closest?.('[data-try]')) later(worn(), 90); });
  bench.addEventListener('focusin', (event) => { const found = trialOf(event); if (found && event.target.matches(':focus-visible')) later(found.dataset.try, 140); });
  bench.addEventListener('focusout', (event) => { if (trialOf(event)) later(worn(), 90); });
  document.body.addEventListener('htmx:afterSettle', () => later(worn(), 0));
  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-compare]');
    if (button) shopWindow.compare(JSON.parse(button.dataset.compare));
  });
}
