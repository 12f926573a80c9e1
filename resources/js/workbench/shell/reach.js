// Hovering or focusing a control lights up, in the window, every place it shows, and says how many on the tape.
import { onTools } from './tools.js';

/** What lights a setting's places up: its control, and what speaks of it. */
const LIT = '[data-reach], [data-lights]';

export function startReach(shopWindow) {
  const known = new Map();
  let current = null;
  let held = {};

  async function ask(path) {
    const seen = document.querySelector('#state [name=seen]').value;
    const key = `${seen} ${path}`;
    if (!known.has(key)) {
      const answer = await fetch(`${document.body.dataset.base}/reach?${new URLSearchParams({ path })}`, { headers: { Accept: 'application/json' } }).catch(() => null);
      if (!answer?.ok) return null;
      known.set(key, await answer.json());
    }
    return known.get(key);
  }

  async function enter(path) {
    if (current === path) return;
    current = path;
    const found = await ask(path);
    if (current !== path || !found) return;
    shopWindow.light(found.places);
    tell(found);
  }

  function leave() {
    current = null;
    shopWindow.light(held);
  }

  function tell({ label, count, pages, places, why, later: laterPlaces }) {
    const later = Object.values(laterPlaces).flat().length;
    const place = document.querySelector('#tape-reach');
    const line = document.createElement('p');
    line.className = 'truncate';
    const name = document.createElement('b');
    name.textContent = label;
    line.append(name, why ? '' : ` shows in ${count} ${count === 1 ? 'place' : 'places'} on ${Object.keys(pages).length} ${Object.keys(pages).length === 1 ? 'page' : 'pages'}${later ? `, and in ${later} more when opened, pointed at or focused` : ''}`);
    line.append(` ${why ? `${later ? 'At rest nowhere' : 'Shows nowhere'}: ${why}.` : Object.entries(pages).map(([key, words]) => `${words} ${places[key].length}`).join('   ')}`);
    place.replaceChildren(line);
  }

  let timer = null;
  const pathOf = (event) => { const of = event.target.closest?.(LIT)?.dataset; return of?.reach ?? of?.lights; };
  onTools('pointerover', (event) => { const path = pathOf(event); clearTimeout(timer); if (path) timer = setTimeout(() => enter(path), 90); });
  onTools('pointerout', (event) => { if (pathOf(event) && !event.relatedTarget?.closest?.(LIT)) { clearTimeout(timer); leave(); } });
  onTools('focusin', (event) => { const path = pathOf(event); if (path && event.target.matches(':focus-visible')) enter(path); });
  onTools('focusout', (event) => { if (pathOf(event)) leave(); });

  return {
    ask,
    /** Lights an edit's places for a moment. */
    flash(places) {
      held = places;
      shopWindow.light(places);
      setTimeout(() => { if (held === places) { held = {}; if (!current) shopWindow.light({}); } }, 1600);
    },
  };
}
