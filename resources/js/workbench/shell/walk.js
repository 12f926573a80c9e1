// Walking from place to place: each place a setting or a pair shows at, page after page, in the shop window.
import { onTools } from './tools.js';

export function startWalk(shopWindow) {
  const announce = document.querySelector('#announce');
  let walk = { url: '', steps: [], at: -1 };

  async function begin(url) {
    const answer = await fetch(url, { headers: { Accept: 'application/json' } }).catch(() => null);
    if (!answer?.ok) return;
    const { places, pages, why } = await answer.json();
    walk = { url, at: -1, why, steps: Object.entries(pages).flatMap(([page, words]) => (places[page] ?? []).map((element) => ({ page, words, element }))) };
  }

  onTools('click', async (event) => {
    const button = event.target.closest('[data-walk-by]');
    if (!button) return;
    const line = button.closest('[data-walk]');
    if (walk.url !== line.dataset.walk) await begin(line.dataset.walk);
    const count = walk.steps.length;
    const told = line.querySelector('[data-walk-at]');
    if (count === 0) {
      told.textContent = walk.why ? `Shows nowhere: ${walk.why}.` : 'It shows nowhere.';
      return;
    }
    walk.at = (walk.at + Number(button.dataset.walkBy) + count) % count;
    const step = walk.steps[walk.at];
    told.textContent = `${walk.at + 1} of ${count}: ${step.words}`;
    announce.textContent = told.textContent;
    await shopWindow.visit(step.page, step.element);
  });
  // Another edit may have moved everything: the places are asked for again.
  document.body.addEventListener('ikat:edited', () => { walk = { url: '', steps: [], at: -1 }; });
}
