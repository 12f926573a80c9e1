// The shop window: real storefront pages in frames at true device widths, scaled to fit.

const DEVICES = { phone: [390, 844], tablet: [768, 1024], desktop: [1280, 800] };
const FIVE = ['home', 'category', 'product', 'cart', 'checkout'];
const GAP = 22;
const EDGE = 25;

export function startWindow(root) {
  const stage = root.querySelector('[data-stage]');
  const pageList = root.querySelector('[data-page]');
  const seam = root.querySelector('[data-seam]');
  const clock = root.querySelector('[data-clock]');
  const state = { device: 'desktop', turned: false, view: 'one', page: pageList.value, live: new Map(), moment: 'now', trial: '', compared: [], pointing: '', dark: false };
  const preview = (trial = state.trial) => `${root.dataset.preview}/${state.moment}${trial ? `~${trial}` : ''}`;
  let panes = [];

  // While a stylesheet or a page is still on its way, the window says that it is busy.
  const underWay = new Set();
  function busy(what, is) {
    if (is) underWay.add(what);
    else underWay.delete(what);
    root.setAttribute('aria-busy', String(underWay.size > 0));
  }

  const pathOf = (page) => [...pageList.options].find((o) => o.value === page)?.dataset.path ?? '/';
  const shopAddress = (path) => root.dataset.shop + path;
  const size = (device) => (state.turned && device !== 'desktop' ? [...DEVICES[device]].reverse() : state.turned ? [800, 1280] : DEVICES[device]);

  function plan() {
    if (state.view === 'devices') return ['desktop', 'tablet', 'phone'].map((device) => ({ device, page: state.page, caption: `${device} ${size(device)[0]}` }));
    if (state.view === 'pages') return FIVE.map((page) => ({ device: state.device, page, caption: [...pageList.options].find((o) => o.value === page).text }));
    if (state.view === 'bases') return state.compared.map((base) => ({ device: state.device, page: state.page, ...base }));
    if (state.view === 'then') return [{ device: state.device, page: state.page, then: true }, { device: state.device, page: state.page }];
    return [{ device: state.device, page: state.page }];
  }

  function makePane(wanted) {
    const pane = document.createElement('div');
    pane.className = 'pane';
    const frame = document.createElement('iframe');
    frame.title = wanted.then ? 'The live shop' : `Preview: ${wanted.page}, ${wanted.device}`;
    frame.name = wanted.then ? 'live-shop' : 'shop-window';
    frame.tabIndex = wanted.then ? -1 : 0;
    frame.src = (wanted.then ? '' : preview(wanted.trial)) + shopAddress(wanted.then ? pathOf(wanted.page).replace(/[?&]cart=sample/, '') : pathOf(wanted.page));
    if (!wanted.then) {
      busy(frame, true);
      frame.addEventListener('load', () => { settle(frame, wanted); busy(frame, false); });
    }
    pane.append(frame);
    if (state.view === 'then') {
      const tag = document.createElement('span');
      tag.className = `tag ${wanted.then ? 'at-left' : 'at-right'}`;
      tag.textContent = wanted.then ? 'then: live' : 'now: your draft';
      pane.append(tag);
    }
    const lights = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    lights.setAttribute('class', 'reach-lights');
    lights.setAttribute('aria-hidden', 'true');
    pane.append(lights);
    stage.append(pane);
    return { ...wanted, pane, frame, lights };
  }

  // Links and forms of the shop lead to public addresses; in the window they stay in the preview.
  function settle(frame, wanted) {
    const doc = frame.contentDocument;
    if (!doc) return;
    applyLive(doc);
    applyDark(doc);
    // Pointing: what is under the pointer, or has the focus, is asked about instead of followed.
    const numbersOf = (element) => {
      const all = [...doc.body.querySelectorAll('*')];
      const numbers = [];
      for (let e = element; e && e !== doc.body; e = e.parentElement) numbers.push(all.indexOf(e));
      return numbers;
    };
    for (const kind of ['pointerover', 'focusin']) {
      doc.addEventListener(kind, (event) => {
        if (!state.pointing || !event.target.closest) return;
        const page = keyOf(frame) ?? wanted.page;
        root.dispatchEvent(new CustomEvent('ikat:pointed', { bubbles: true, detail: { page, elements: numbersOf(event.target), mode: state.pointing } }));
      });
    }
    // After a click in the window the keys are its own: what ends pointing is handed on.
    doc.addEventListener('keydown', (event) => { if (event.key === 'Escape' && state.pointing) root.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true })); });
    doc.addEventListener('click', (event) => {
      if (state.pointing) {
        event.preventDefault();
        event.stopPropagation();
        root.dispatchEvent(new CustomEvent('ikat:picked', { bubbles: true, detail: { mode: state.pointing } }));
      }
    }, true);
    doc.addEventListener('click', (event) => {
      const link = event.target.closest?.('a[href]');
      if (!link || link.getAttribute('href').startsWith('#')) return;
      event.preventDefault();
      const url = new URL(link.href, doc.baseURI);
      if (url.origin !== location.origin || !url.pathname.startsWith(root.dataset.shop)) return;
      // A way to another place of the same page reads nothing anew.
      busy(frame, url.pathname + url.search !== placeOf(frame));
      frame.src = preview(wanted.trial) + url.pathname + url.search + url.hash;
    });
    doc.addEventListener('submit', (event) => {
      const form = event.target;
      const action = new URL(form.getAttribute('action') || frame.contentWindow.location.pathname, doc.baseURI).pathname;
      if (!action.startsWith(root.dataset.preview)) form.action = preview(wanted.trial) + action;
    }, true);
    doc.defaultView.addEventListener('scroll', () => drawLights(), { passive: true });
    if (state.view === 'then') doc.defaultView.addEventListener('scroll', () => panes[0]?.frame.contentWindow?.scrollTo(0, doc.defaultView.scrollY), { passive: true });
    wanted.shown = keyOf(frame);
    drawLights();
    root.dispatchEvent(new CustomEvent('ikat:settled', { bubbles: true }));
  }

  /** The public address of the page a frame shows. */
  const placeOf = (frame) => frame.contentWindow.location.pathname.replace(/^\/preview\/\d+\/[^/]+/, '') + frame.contentWindow.location.search;

  function keyOf(frame) {
    const path = placeOf(frame).replace(root.dataset.shop, '');
    const exact = [...pageList.options].find((o) => o.dataset.path === path);
    return exact?.value ?? null;
  }

  function build() {
    stage.replaceChildren();
    for (const { frame } of panes) {
      busy(frame, false);
      frame.dispatchEvent(new Event('ikat:gone'));
    }
    panes = plan().map(makePane);
    if (state.view === 'then') {
      const line = document.createElement('div');
      line.className = 'seam-line';
      stage.append(line);
    }
    layout();
  }

  function place({ pane, frame }, device, x, y, width, height, scale) {
    const [w] = size(device);
    Object.assign(pane.style, { left: `${x}px`, top: `${y}px`, width: `${width}px`, height: `${height}px` });
    Object.assign(frame.style, { width: `${w}px`, height: `${height / scale}px`, transform: `scale(${scale})` });
  }

  function layout() {
    const width = stage.clientWidth - 2 * EDGE;
    const height = stage.clientHeight - 14 - (state.view === 'then' ? 30 : 0);
    if (width <= 0 || height <= 0) return;
    let scale = 1;
    if (panes.length === 1 || state.view === 'then') {
      const [w, h] = size(state.device);
      scale = Math.min(1, width / w);
      const tall = state.device === 'desktop' && !state.turned ? height : Math.min(height, h * scale);
      if (state.device !== 'desktop' || state.turned) scale = Math.min(scale, Math.max(height / h, 0.4));
      const shownHeight = state.device === 'desktop' && !state.turned ? tall : Math.min(height, h * scale);
      panes.forEach((p) => place(p, state.device, EDGE + (width - w * scale) / 2, 4, w * scale, shownHeight, scale));
    } else {
      const total = panes.reduce((sum, p) => sum + size(p.device)[0], 0);
      scale = Math.min(1, (width - GAP * (panes.length - 1)) / total);
      let x = EDGE;
      stage.querySelectorAll('.caption').forEach((c) => c.remove());
      panes.forEach((p) => {
        const [w, h] = size(p.device);
        const caption = document.createElement('p');
        caption.className = 'caption';
        caption.textContent = p.caption;
        Object.assign(caption.style, { left: `${x}px`, top: '2px' });
        stage.append(caption);
        place(p, p.device, x, 22, w * scale, Math.min(height - 20, Math.max(h * scale, height * 0.8)), scale);
        x += w * scale + GAP;
      });
    }
    root.querySelector('[data-scale]').textContent = `${Math.round(scale * 1000) / 10}%`;
    seam.hidden = state.view !== 'then';
    if (state.view === 'then') cut();
    drawLights();
  }

  function cut() {
    const share = Number(seam.querySelector('input').value);
    const [then, now] = panes;
    then.pane.style.clipPath = `inset(0 ${100 - share}% 0 0)`;
    now.pane.style.clipPath = `inset(0 0 0 ${share}%)`;
    const box = now.pane;
    Object.assign(stage.querySelector('.seam-line').style, { left: `${box.offsetLeft + (box.offsetWidth * share) / 100}px` });
  }

  function applyLive(doc) {
    for (const [property, value] of state.live) doc.documentElement.style.setProperty(property, value);
  }

  // Dark surroundings are the device's to ask for; the window and the samples show either, whatever this device asks.
  function applyDark(doc) {
    for (const rule of sheetsOf(doc).flatMap((link) => [...(link.sheet?.cssRules ?? [])])) {
      if (rule instanceof doc.defaultView.CSSMediaRule && (rule.ikatDark ??= rule.conditionText.includes('prefers-color-scheme'))) rule.media.mediaText = state.dark ? 'all' : 'not all';
    }
    for (const source of doc.querySelectorAll('source[media*="prefers-color-scheme"], source[data-dark]')) {
      source.dataset.dark = 'yes';
      source.media = state.dark ? 'all' : 'not all';
    }
  }
  function wearDark(on) {
    state.dark = on;
    root.querySelector('[data-dark]').setAttribute('aria-pressed', String(on));
    [document, ...documents()].forEach(applyDark);
  }
  applyDark(document);

  const frames = () => panes.filter((p) => !p.then && p.frame.contentDocument?.documentElement).map((p) => p.frame);
  const documents = () => frames().map((frame) => frame.contentDocument);

  // ---- reach ----
  let lit = {};
  function drawLights() {
    for (const { lights, frame, page, then } of panes) {
      lights.replaceChildren();
      const doc = frame.contentDocument;
      const numbers = then || !doc?.body ? [] : lit[keyOf(frame) ?? page] ?? [];
      if (numbers.length === 0) continue;
      const all = doc.body.querySelectorAll('*');
      const scale = frame.getBoundingClientRect().width / frame.clientWidth || 1;
      for (const number of numbers.slice(0, 400)) {
        const box = all[number]?.getBoundingClientRect();
        if (!box || box.width === 0 || box.bottom < 0 || box.top > frame.clientHeight) continue;
        for (const kind of ['halo-box', '']) {
          const rect = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
          rect.setAttribute('class', kind);
          rect.setAttribute('x', box.left * scale);
          rect.setAttribute('y', box.top * scale);
          rect.setAttribute('width', box.width * scale);
          rect.setAttribute('height', box.height * scale);
          lights.append(rect);
        }
      }
    }
  }

  // ---- buttons ----
  function press(selector, active) {
    root.querySelectorAll(selector).forEach((b) => b.setAttribute('aria-pressed', String(active(b))));
  }
  /** What pointing at the window is for: nothing, asking what something is made of, or dressing a part. */
  function point(mode) {
    state.pointing = mode;
    root.querySelector('[data-point]').setAttribute('aria-pressed', String(mode === 'ask'));
    root.classList.toggle('is-pointing', mode !== '');
    lit = {};
    drawLights();
  }
  root.addEventListener('click', (event) => {
    const button = event.target.closest('button');
    if (!button) return;
    if (button.dataset.device) state.device = button.dataset.device;
    else if ('point' in button.dataset) {
      point(state.pointing === 'ask' ? '' : 'ask');
      return;
    } else if ('dark' in button.dataset) {
      wearDark(!state.dark);
      return;
    } else if ('turn' in button.dataset) state.turned = !state.turned;
    else if (button.dataset.view) state.view = state.view === button.dataset.view ? 'one' : button.dataset.view;
    else return;
    press('[data-device]', (b) => b.dataset.device === state.device);
    press('[data-view]', (b) => b.dataset.view === state.view);
    press('[data-turn]', () => state.turned);
    build();
  });
  pageList.addEventListener('change', () => { state.page = pageList.value; build(); });
  seam.addEventListener('input', cut);

  // ---- the clock: the shop as it will be ----
  const now = root.querySelector('[data-clock-now]');
  async function turnTo(value) {
    state.moment = value === '' ? 'now' : value.replaceAll('-', '').replace('T', '-').replace(':', '').slice(0, 13);
    now.hidden = state.moment === 'now';
    root.classList.toggle('is-other-time', state.moment !== 'now');
    build();
    const words = root.querySelector('[data-clock-words]');
    const answer = state.moment === 'now' ? null : await fetch(`${document.body.dataset.base}/moment?at=${state.moment}`, { headers: { Accept: 'application/json' } }).catch(() => null);
    words.textContent = answer?.ok ? (await answer.json()).words : '';
  }
  clock.addEventListener('change', () => { if (clock.validity.valid) turnTo(clock.value); });
  now.addEventListener('click', () => { clock.value = ''; turnTo(''); clock.focus(); });
  new ResizeObserver(layout).observe(stage);
  build();

  return {
    /** Shows a custom property's value at once, in every frame and on the bench's samples. */
    show(property, value) {
      state.live.set(property, value);
      document.documentElement.style.setProperty(property, value);
      documents().forEach((doc) => doc.documentElement.style.setProperty(property, value));
    },
    /** Forgets what was only shown. */
    forget() {
      for (const property of state.live.keys()) {
        document.documentElement.style.removeProperty(property);
        documents().forEach((doc) => doc.documentElement.style.removeProperty(property));
      }
      state.live.clear();
    },
    /** Wears a kept look: the new stylesheet first, then nothing is only shown any more. */
    async wear(sheet, reload) {
      // While a season runs the frames wear another stylesheet than the bench: the pages know which.
      busy(sheet, true);
      const again = reload || state.moment !== 'now' || documents().some((doc) => sheetOf(doc)?.getAttribute('href') !== sheetOf(document)?.getAttribute('href'));
      // A frame that reads another page meanwhile gets its stylesheet with it: nothing of the old page is waited for.
      await Promise.all([swapSheet(document, sheet), ...(again ? [] : frames()).map((frame) => Promise.race([swapSheet(frame.contentDocument, sheet), gone(frame)]))]);
      [document, ...documents()].forEach(applyDark);
      this.forget();
      if (again) this.reload();
      busy(sheet, false);
    },
    /** Reads the frames' pages again where they are, without losing the place. */
    reload() {
      for (const { frame, then } of panes) {
        if (then || !frame.contentWindow) continue;
        busy(frame, true);
        const top = frame.contentWindow.scrollY;
        frame.addEventListener('load', () => frame.contentWindow.scrollTo({ top, behavior: 'instant' }), { once: true });
        frame.contentWindow.location.reload();
      }
    },
    /** Shows what is tried on, at the pages and places that are open; an empty key brings the kept look back. */
    tryOn(trial) {
      if (state.trial === trial || state.view === 'bases') return;
      state.trial = trial;
      root.classList.toggle('is-trying', trial !== '');
      for (const { frame, then } of panes) {
        if (then || !frame.contentWindow) continue;
        busy(frame, true);
        const top = frame.contentWindow.scrollY;
        const rest = placeOf(frame);
        frame.addEventListener('load', () => frame.contentWindow.scrollTo({ top, behavior: 'instant' }), { once: true });
        frame.contentWindow.location.replace(preview() + rest);
      }
    },
    /** Several bases beside one another, each on the page that is open. */
    compare(bases) {
      state.view = state.view === 'bases' ? 'one' : 'bases';
      state.compared = bases;
      press('[data-view]', (b) => b.dataset.view === state.view);
      build();
    },
    rebuild: build,
    point,
    wearDark,
    isDark: () => state.dark,
    /** Goes to one place on a page, lights it up and brings it into view. */
    async visit(page, element) {
      if (pageList.value !== page || keyOf(panes[0].frame) !== page) {
        const settled = new Promise((done) => { root.addEventListener('ikat:settled', done, { once: true }); });
        this.open(page);
        await settled;
      }
      const target = panes[0].frame.contentDocument.body.querySelectorAll('*')[element];
      target?.closest('details')?.setAttribute('open', '');
      target?.scrollIntoView({ block: 'center', behavior: 'instant' });
      lit = { [page]: [element] };
      drawLights();
    },
    light(places) { lit = places; drawLights(); },
    open(page) { pageList.value = page; state.page = page; build(); },
  };
}

/** The look's stylesheets of a document: the one it wears, and any newer ones that are on their way, the newest last. */
const sheetsOf = (doc) => [...doc.querySelectorAll('link[rel="stylesheet"]')].filter((l) => /\/look-[0-9a-f]+\.css$/.test(l.getAttribute('href')));
const sheetOf = (doc) => sheetsOf(doc).at(-1);

const gone = (frame) => new Promise((done) => { ['load', 'ikat:gone'].forEach((event) => frame.addEventListener(event, done, { once: true })); });

function swapSheet(doc, sheet) {
  const old = sheetOf(doc);
  if (!old || old.getAttribute('href') === sheet) return Promise.resolve();
  return new Promise((done) => {
    const fresh = old.cloneNode();
    fresh.href = sheet;
    fresh.addEventListener('load', () => {
      // What is older goes, even what has not come yet: its turn is over.
      const all = sheetsOf(doc);
      all.slice(0, Math.max(0, all.indexOf(fresh))).forEach((older) => { older.remove(); older.dispatchEvent(new Event('load')); });
      done();
    });
    fresh.addEventListener('error', () => { fresh.remove(); done(); });
    old.after(fresh);
  });
}
