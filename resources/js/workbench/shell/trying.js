// Trying on: what is pointed at shows in the shop window, without an edit; leaving brings the kept look back.
import { inTools, onTools } from './tools.js';

export function startTrying(shopWindow) {
  let timer = null;

  const trialOf = (event) => event.target.closest?.('[data-try]');
  /** What a bench that asks "take this?" wears all the while. */
  const worn = () => inTools('[data-wear]')[0]?.dataset.wear ?? '';
  const later = (trial, delay) => { clearTimeout(timer); timer = setTimeout(() => shopWindow.tryOn(trial), delay); };

  onTools('pointerover', (event) => { const found = trialOf(event); if (found) later(found.dataset.try, 140); });
  onTools('pointerout', (event) => { if (trialOf(event) && trialOf(event) !== event.relatedTarget?.closest?.('[data-try]')) later(worn(), 90); });
  onTools('focusin', (event) => { const found = trialOf(event); if (found && event.target.matches(':focus-visible')) later(found.dataset.try, 140); });
  onTools('focusout', (event) => { if (trialOf(event)) later(worn(), 90); });
  document.body.addEventListener('htmx:afterSettle', () => later(worn(), 0));
  onTools('click', (event) => {
    const button = event.target.closest('[data-compare]');
    if (button) shopWindow.compare(JSON.parse(button.dataset.compare));
  });
}
