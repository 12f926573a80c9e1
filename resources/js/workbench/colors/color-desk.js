// The color desk: the table of pairs by key and by state, parts dressed by picking them in the window, dark surroundings.
import { keepEdit } from '../shell/keep-edit.js';
import { inTools, onTools } from '../shell/tools.js';

export function startColorDesk(shopWindow) {
  const bench = document.querySelector('#bench');
  startPairTable(shopWindow);
  startDressing(bench, shopWindow);

  // While the bench works on the dark set, the window shows it.
  let wasDark = false;
  const follow = () => {
    const wants = bench.querySelector('[data-show-dark]') !== null;
    if (wants !== wasDark) shopWindow.wearDark(wants);
    wasDark = wants;
  };
  document.body.addEventListener('htmx:afterSettle', follow);
  document.body.addEventListener('ikat:edited', follow);
  follow();
}

function startPairTable(shopWindow) {
  onTools('click', (event) => {
    const button = event.target.closest('[data-pair-state]');
    if (!button) return;
    const isOn = button.getAttribute('aria-pressed') !== 'true';
    inTools('[data-pair-state]').forEach((b) => b.setAttribute('aria-pressed', String(isOn && b === button)));
    inTools('[data-pair]').forEach((k) => k.classList.toggle('is-other-state', isOn && !k.dataset.states.split(' ').includes(button.dataset.pairState)));
  });

  // What is told of an opened pair stands at the top of the bench, which may be scrolled.
  let opened = null;
  document.body.addEventListener('htmx:afterSettle', () => {
    const key = inTools('[data-pair].is-open')[0]?.dataset.pair ?? null;
    if (key !== opened && key !== null) document.querySelector('.opened-pair')?.scrollIntoView({ block: 'nearest' });
    opened = key;
  });

  // A pair that is pointed at or opened lights its places up.
  const known = new Map();
  async function light(pair) {
    const url = `${pair.dataset.walkUrl}&seen=${document.querySelector('#state [name=seen]').value}`;
    if (!known.has(url)) {
      const answer = await fetch(url, { headers: { Accept: 'application/json' } }).catch(() => null);
      if (!answer?.ok) return;
      known.set(url, await answer.json());
    }
    shopWindow.light(known.get(url).places);
  }
  let timer = null;
  onTools('pointerover', (event) => { const pair = event.target.closest?.('[data-pair]'); if (pair) { clearTimeout(timer); timer = setTimeout(() => light(pair), 90); } });
  onTools('focusin', (event) => { const pair = event.target.closest?.('[data-pair]'); if (pair) light(pair); });
  onTools('pointerout', (event) => {
    if (!event.target.closest?.('[data-pair]') || event.relatedTarget?.closest?.('[data-pair]')) return;
    clearTimeout(timer);
    const opened = inTools('[data-pair].is-open')[0];
    if (opened) light(opened);
    else shopWindow.light({});
  });
}

function startDressing(bench, shopWindow) {
  let scheme = '';
  let found = null;
  let asked = 0;
  const base = document.body.dataset.base;

  function set(to) {
    scheme = to;
    found = null;
    shopWindow.dress(to !== '');
    bench.querySelectorAll('[data-dress]').forEach((b) => b.setAttribute('aria-pressed', String(b.dataset.dress === to)));
    if (to !== '') tell(`Point at a part of the shop; a click gives it ${nameOf(to)}. Escape ends it.`);
  }
  const nameOf = (key) => bench.querySelector(`[data-dress="${key}"]`)?.dataset.dressName ?? key;
  function tell(words) {
    const line = document.createElement('p');
    line.textContent = words;
    document.querySelector('#tape-reach').replaceChildren(line);
  }

  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-dress]');
    if (button) set(scheme === button.dataset.dress ? '' : button.dataset.dress);
  });
  document.addEventListener('keydown', (event) => { if (event.key === 'Escape' && scheme !== '') set(''); });
  document.body.addEventListener('ikat:pointed', async (event) => {
    const mine = ++asked;
    const { page, elements } = event.detail;
    const answer = await fetch(`${base}/wearer?${new URLSearchParams({ page, elements: elements.join() })}`, { headers: { Accept: 'application/json' } }).catch(() => null);
    if (!answer?.ok || mine !== asked) return;
    found = await answer.json();
    if (!found?.path) {
      tell('This part has the colors of what is around it.');
      return;
    }
    shopWindow.light(found.places);
    tell(`${found.label} ${found.now}. A click gives it ${nameOf(scheme)}.`);
  });
  document.body.addEventListener('ikat:dressed', () => {
    if (!found?.path) return;
    // The click took the keys into the window, whose page may now be read again: they come back, for Escape.
    bench.querySelector(`[data-dress="${scheme}"]`).focus({ preventScroll: true });
    keepEdit(found.path, scheme);
  });
  // The answer to an edit brings fresh buttons: they say again what is going on. Another bench ends it.
  document.body.addEventListener('htmx:afterSettle', () => {
    if (scheme === '') return;
    if (!bench.querySelector(`[data-dress="${scheme}"]`)) set('');
    else bench.querySelectorAll('[data-dress]').forEach((b) => b.setAttribute('aria-pressed', String(b.dataset.dress === scheme)));
  });
}
