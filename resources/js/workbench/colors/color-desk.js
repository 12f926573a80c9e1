// The color desk: the table of pairs by key and by state, parts dressed by picking them in the window, dark surroundings.
import { keepEdit } from '../shell/keep-edit.js';

export function startColorDesk(shopWindow) {
  const bench = document.querySelector('#bench');
  startPairTable(bench, shopWindow);
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

function startPairTable(bench, shopWindow) {
  /** The nearest pair in a direction: first of those straight ahead. */
  function next(pairs, from, key) {
    const at = (e) => { const b = e.getBoundingClientRect(); return [b.left + b.width / 2, b.top + b.height / 2]; };
    const [x, y] = at(from);
    const [dx, dy] = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[key];
    let best = null;
    for (const pair of pairs) {
      const [kx, ky] = at(pair);
      const ahead = (kx - x) * dx + (ky - y) * dy;
      const aside = Math.abs((kx - x) * dy) + Math.abs((ky - y) * dx);
      if (ahead > 2 && (!best || ahead + 3 * aside < best.far)) best = { pair, far: ahead + 3 * aside };
    }
    return best?.pair;
  }
  bench.addEventListener('keydown', (event) => {
    const pair = event.target.closest?.('[data-pair]');
    if (!pair || !event.key.startsWith('Arrow')) return;
    event.preventDefault();
    const pairs = [...bench.querySelectorAll('[data-pair]')];
    const to = next(pairs, pair, event.key);
    if (!to) return;
    pairs.forEach((k) => k.setAttribute('tabindex', k === to ? '0' : '-1'));
    to.focus();
  });

  // What an opened pair says stands under the table of pairs, often out of sight.
  let opened = null;
  document.body.addEventListener('htmx:afterSettle', () => {
    const key = bench.querySelector('[data-pair].is-open')?.dataset.pair ?? null;
    if (key !== opened && key !== null) bench.querySelector('.opened-pair')?.scrollIntoView({ block: 'nearest' });
    opened = key;
  });

  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-pair-state]');
    if (!button) return;
    const isOn = button.getAttribute('aria-pressed') !== 'true';
    bench.querySelectorAll('[data-pair-state]').forEach((b) => b.setAttribute('aria-pressed', String(isOn && b === button)));
    bench.querySelectorAll('[data-pair]').forEach((k) => k.classList.toggle('is-other-state', isOn && !k.dataset.states.split(' ').includes(button.dataset.pairState)));
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
  bench.addEventListener('pointerover', (event) => { const pair = event.target.closest?.('[data-pair]'); if (pair) { clearTimeout(timer); timer = setTimeout(() => light(pair), 90); } });
  bench.addEventListener('focusin', (event) => { const pair = event.target.closest?.('[data-pair]'); if (pair) light(pair); });
  bench.addEventListener('pointerout', (event) => {
    if (!event.target.closest?.('[data-pair]') || event.relatedTarget?.closest?.('[data-pair]')) return;
    clearTimeout(timer);
    const opened = bench.querySelector('[data-pair].is-open');
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
