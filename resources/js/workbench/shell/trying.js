// Trying on: what is pointed at shows in the shop window, without an edit; leaving brings the kept look back.
import { inTools, onTools } from './tools.js';

export function startTrying(shopWindow) {
  let timer = null;
  /** What is pointed at or has the focus, and is tried on. */
  let tried = null;

  const trialOf = (event) => event.target.closest?.('[data-try]');
  /** What a bench that asks "take this?" wears all the while. */
  const worn = () => inTools('[data-wear]')[0]?.dataset.wear ?? '';
  const later = (trial, delay) => { clearTimeout(timer); timer = setTimeout(() => shopWindow.tryOn(trial), delay); };

  const begin = (found) => { tried = found; later(found.dataset.try, 140); };
  const end = () => { tried = null; later(worn(), 90); };

  onTools('pointerover', (event) => { if (trialOf(event)) begin(trialOf(event)); });
  onTools('pointerout', (event) => { if (trialOf(event) && trialOf(event) !== event.relatedTarget?.closest?.('[data-try]')) end(); });
  onTools('focusin', (event) => { if (trialOf(event) && event.target.matches(':focus-visible')) begin(trialOf(event)); });
  onTools('focusout', (event) => { if (trialOf(event)) end(); });
  // An edit ends what was tried on; what was only asked (the tape asks how things stand by itself) does not.
  document.body.addEventListener('htmx:afterSettle', ({ detail }) => { if (detail.requestConfig?.verb !== 'get' || !tried?.isConnected) later(worn(), 0); });
  onTools('click', (event) => {
    const button = event.target.closest('[data-compare]');
    if (button) shopWindow.compare(JSON.parse(button.dataset.compare));
  });
}
