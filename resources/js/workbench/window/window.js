// The shop window: real storefront pages in frames at true device widths, scaled to fit.
import { handOn } from '../shell/keys.js';
import { momentIn, pageAt, placeIn, previewAt, spoken, unspoken, withoutSample } from './addresses.js';
import { startBusy } from './busy.js';
import { startClock } from './clock.js';
import { startDark } from './dark.js';
import { deviceOf, framesOf, isHandHeld, layOut, screenOf } from './devices.js';
import { drawAlong } from './finger.js';
import { asHeld, makeScrollBar } from './hand-held.js';
import { startLiveValues } from './live-values.js';
import { sheetOf, swapSheet } from './look-sheet.js';
import { watchPointing } from './pointing.js';
import { drawLights, makeLights } from './reach-lights.js';
import { scrollInside } from './scroll-inside.js';
import { startSeam } from './seam.js';
import { startSelecting } from './selecting.js';
import { keepInside, placeOf, whereIs } from './walk-inside.js';

const gone = (frame) => new Promise((done) => { ['load', 'ikat:gone'].forEach((event) => frame.addEventListener(event, done, { once: true })); });

/** Px from the top of a caption to the frame under it. */
const CAPTION_ABOVE = 20;

/** Ms that a place stays marked after it was brought into sight. */
const MARKED = 1600;

/** Ms after which a header that follows the scrolling stands where it stays. */
const SETTLED = 350;

export function startWindow(root) {
  const life = new AbortController();
  const { signal } = life;
  const { shop, preview: previews } = root.dataset;
  const stage = root.querySelector('[data-stage]');
  const pageList = root.querySelector('[data-page]');
  /** There is a choice where the shop speaks several languages. */
  const languageList = root.querySelector('[data-language]');
  const pages = [...pageList.options].map((option) => ({ key: option.value, path: option.dataset.path, title: option.text }));
  const start = placeIn(location.search);
  const state = {
    device: 'desktop', isTurned: false, view: 'one', page: pageList.value, at: '', language: '', ...start, trial: '', compared: [], points: null,
    // What a click in the shop does: it picks a thing, follows links, or dresses a part.
    mode: 'pick', isPinned: false,
  };
  /** Device and clock as they were before something was shown that has its own. */
  const lent = {};
  let panes = [];
  let lit = {};
  /** The view that was open before points of the journal were looked at. */
  let viewBefore = 'one';

  /** The view without points of the journal, which the bench speaks of. */
  const lasting = () => (state.points === null ? state.view : viewBefore);
  const preview = (trial = state.trial) => previewAt(previews, momentIn(state.at), trial);
  // A page that is not in the list goes by its path.
  const pathOf = (page) => pages.find(({ key }) => key === page)?.path ?? (page.startsWith('/') ? page : '/');
  const listed = ({ frame }) => pageAt(placeOf(frame), shop, pages);
  const pageOf = (pane) => listed(pane) ?? pane.page;
  const frames = () => panes.filter((pane) => !pane.isLive && pane.frame.contentDocument?.documentElement).map(({ frame }) => frame);
  const documents = () => frames().map((frame) => frame.contentDocument);
  const everywhere = () => [document, ...documents()];

  const { busy, idle } = startBusy(root);
  const live = startLiveValues(everywhere);
  const dark = startDark(root.querySelector('[data-dark]'), everywhere);
  const seam = startSeam(root, () => panes, signal);
  const selecting = startSelecting(root, {
    paneOf: (doc) => panes.find(({ frame, isLive }) => !isLive && frame.contentDocument === doc) ?? null,
    pageOf: (pane) => (pane ? listed(pane) : null),
    isPicking: () => state.mode === 'pick',
    language: () => state.language,
    signal,
  });
  const tellPlace = (isByHand) => root.dispatchEvent(new CustomEvent('ikat:placed', { bubbles: true, detail: { isByHand } }));

  /** What a page has opened by its address (the side cart), as its address says it. */
  const openedIn = (frame) => {
    const opened = frame?.contentDocument?.querySelector('[data-part]:target');
    return opened ? `#${opened.id}` : '';
  };

  function makePane(wanted, opened) {
    const pane = document.createElement('div');
    pane.className = 'pane';
    const frame = document.createElement('iframe');
    const isPublic = wanted.isLive && wanted.trial === undefined;
    frame.title = wanted.isLive ? (isPublic ? 'The live shop' : `The shop at ${wanted.words}`) : `Preview: ${wanted.page}, ${wanted.device}`;
    frame.name = wanted.isLive ? 'live-shop' : 'shop-window';
    frame.tabIndex = wanted.isLive ? -1 : 0;
    frame.src = (isPublic ? '' : preview(wanted.trial)) + spoken(isPublic ? withoutSample(pathOf(wanted.page)) : pathOf(wanted.page), shop, state.language) + opened;
    const made = { ...wanted, pane, frame, lights: makeLights() };
    if (!wanted.isLive) {
      busy(frame, true);
      frame.addEventListener('load', () => { settle(made); busy(frame, false); });
    }
    pane.append(frame);
    if (state.view === 'then') {
      const tag = document.createElement('span');
      tag.className = `tag ${wanted.isLive ? 'at-left' : 'at-right'}`;
      tag.textContent = wanted.words;
      pane.append(tag);
    }
    pane.append(made.lights);
    made.tellScroll = makeScrollBar(pane, frame, wanted.device);
    stage.append(pane);
    return made;
  }

  /** A page has come into its frame: it is dressed, kept inside the window and watched. */
  function settle(pane) {
    const { frame } = pane;
    const doc = frame.contentDocument;
    if (!doc) return;
    // Where a page stands is the window's to say, not what the browser remembers of it.
    doc.defaultView.history.scrollRestoration = 'manual';
    asHeld(doc, pane.device);
    drawAlong(doc, pane.device);
    if (pane.top) doc.defaultView.scrollTo({ top: pane.top, behavior: 'instant' });
    delete pane.top;
    live.apply(doc);
    dark.apply(doc);
    watchPointing(root, doc, () => state.mode === 'dress', () => pageOf(pane));
    selecting.watch(doc);
    handOn(doc);
    keepInside(frame, { shop, previews, preview: () => preview(pane.trial), busy });
    doc.defaultView.addEventListener('scroll', () => {
      light();
      pane.tellScroll();
      selecting.draw();
      if (state.view === 'then') panes[0]?.frame.contentWindow?.scrollTo(0, doc.defaultView.scrollY);
    }, { passive: true });
    light();
    if (pane === first()) {
      tellLanguage(unspoken(placeOf(frame), shop).language);
      tellPage(pane);
    }
    selecting.findAgain(doc);
  }

  /** The list of languages says which one is read, also where the shop's own chooser has led to another. */
  function tellLanguage(language) {
    if (languageList) languageList.value = language;
    if (state.language === language) return;
    state.language = language;
    tellPlace(true);
  }

  /** The list of pages says which one is open, also where a link has led to another one. */
  function tellPage(pane) {
    const page = listed(pane) ?? unspoken(placeOf(pane.frame), shop).path.slice(shop.length);
    pageList.querySelector('[data-elsewhere]')?.remove();
    if (!listed(pane)) {
      const option = new Option(pane.frame.contentDocument.querySelector('h1')?.textContent.trim() || pane.frame.contentDocument.title, page);
      option.dataset.elsewhere = '';
      pageList.prepend(option);
    }
    pageList.value = page;
    if (state.page === page) return;
    pane.page = page;
    state.page = page;
    tellPlace(true);
  }

  function clear() {
    for (const { frame } of panes) {
      busy(frame, false);
      frame.dispatchEvent(new Event('ikat:gone'));
    }
    panes = [];
    stage.querySelectorAll('.pane, .caption, .seam-line').forEach((each) => each.remove());
  }

  function build() {
    // What was opened stays open on another device, or at another time.
    const shown = panes.length > 0 ? { page: pageOf(first()), opened: openedIn(first().frame) } : null;
    clear();
    panes = framesOf(state, (page) => pages.find(({ key }) => key === page)?.title ?? page)
      .map((wanted) => makePane(wanted, shown?.page === wanted.page ? shown.opened : ''));
    if (state.view === 'then') stage.append(seam.line);
    arrange();
  }

  function arrange() {
    const isSeamed = state.view === 'then';
    const made = layOut(panes, { width: stage.clientWidth, height: stage.clientHeight, isTurned: state.isTurned, isSeamed });
    if (!made) return;
    stage.querySelectorAll('.caption').forEach((caption) => caption.remove());
    panes.forEach(({ pane, frame, caption }, i) => {
      const { x, y, width, height, screen } = made.boxes[i];
      Object.assign(pane.style, { left: `${x}px`, top: `${y}px`, width: `${width}px`, height: `${height}px` });
      Object.assign(frame.style, { width: `${screen}px`, height: `${height / made.scale}px`, transform: `scale(${made.scale})` });
      if (!caption) return;
      const words = document.createElement('p');
      words.className = 'caption';
      words.textContent = caption;
      Object.assign(words.style, { left: `${x}px`, top: `${y - CAPTION_ABOVE}px` });
      stage.append(words);
    });
    root.querySelector('[data-scale]').textContent = `${Math.round(made.scale * 1000) / 10}%`;
    seam.show(isSeamed);
    light();
    selecting.resized();
  }

  function light() {
    for (const pane of panes) drawLights(pane.lights, pane.frame, pane.isLive ? [] : lit[pageOf(pane)] ?? []);
  }

  /** The first frame that shows the draft: beside the live shop it is the second. */
  const first = () => panes.find((pane) => !pane.isLive);

  /** The first frame's page, once it is there; another page is opened for it where it shows another one. */
  async function showing(page) {
    if (listed(first()) !== page || pageList.value !== page) {
      open(page);
      tellPlace(false);
    }
    await idle();
    return first().frame.contentDocument;
  }

  const isHidden = (element) => element.ownerDocument.defaultView.getComputedStyle(element).visibility === 'hidden';

  /** Lights an element of the first frame's page up and brings it into sight, as far as it is not. */
  function show(element) {
    const { frame } = first();
    const { body, defaultView } = frame.contentDocument;
    element.closest('details')?.setAttribute('open', '');
    // What opens by its address (the side cart) is opened by it, and closed when something else is shown.
    const cover = isHidden(element) ? element.closest('[id][data-part]') : null;
    const opened = frame.contentDocument.querySelector('[data-part]:target');
    const address = (id) => `${defaultView.location.href.split('#')[0]}#${id}`;
    if (cover) defaultView.location.replace(address(cover.id));
    else if (opened && !opened.contains(element)) defaultView.location.replace(address(''));
    const { top, bottom } = element.getBoundingClientRect();
    const isSeen = top >= 0 && bottom <= frame.clientHeight;
    if (!isSeen) scrollInside(element, bottom - top < frame.clientHeight ? 'center' : 'start');
    mark(element, body);
  }

  function mark(element, body) {
    lit = { [pageOf(first())]: [[...body.querySelectorAll('*')].indexOf(element)] };
    light();
    const marked = lit;
    setTimeout(() => { if (lit === marked) { lit = {}; light(); } }, MARKED);
  }

  /** A device or moment that something shows at alone is lent to it, and given back after it. */
  function lend(what, wanted) {
    if (wanted !== null && wanted !== state[what]) {
      lent[what] ??= state[what];
      state[what] = wanted;
      return true;
    }
    if (wanted !== null || !(what in lent)) return false;
    state[what] = lent[what];
    delete lent[what];
    return true;
  }

  /** Reads the frames' pages again, where they are, without losing the place. */
  function readAgain() {
    for (const pane of panes.filter(({ frame }) => frames().includes(frame))) {
      busy(pane.frame, true);
      const { location, scrollY } = pane.frame.contentWindow;
      pane.top = scrollY;
      // One whose first page has not come yet asks for it again: what is on its way may have been written before the edit.
      const wanted = new URL(preview(pane.trial) + placeOf(pane.frame) + openedIn(pane.frame), whereIs(pane.frame));
      // A frame may still be on its way from what was tried on: to reload it would stop it there.
      if (location.href === wanted.href) location.reload();
      else location.replace(wanted);
    }
  }

  function tellButtons() {
    const press = (selector, isOn) => root.querySelectorAll(selector).forEach((button) => button.setAttribute('aria-pressed', String(isOn(button))));
    press('[data-device]', (button) => button.dataset.device === state.device);
    press('[data-view]', (button) => button.dataset.view === state.view);
    press('[data-turn]', () => state.isTurned);
    press('[data-pin]', () => state.isPinned);
    press('[data-walk-shop]', () => state.mode === 'walk');
  }

  /** What a click in the shop does from now on. */
  function point(mode) {
    state.mode = mode;
    tellButtons();
    if (mode !== 'pick') selecting.letGo();
    selecting.point(null);
    lit = {};
    light();
  }

  function open(page) {
    pageList.value = page;
    state.page = page;
    build();
  }

  root.addEventListener('click', (event) => {
    const button = event.target.closest('button');
    if (!button) return;
    if ('walkShop' in button.dataset) return point(state.mode === 'walk' ? 'pick' : 'walk');
    if ('dark' in button.dataset) return dark.wear(!dark.isDark());
    if ('pin' in button.dataset) {
      state.isPinned = !state.isPinned;
      return tellButtons();
    }
    if (button.dataset.device) {
      state.device = button.dataset.device;
      delete lent.device;
    } else if ('turn' in button.dataset) state.isTurned = !state.isTurned;
    else if (button.dataset.view) state.view = state.view === button.dataset.view ? 'one' : button.dataset.view;
    else return;
    tellButtons();
    build();
    tellPlace(false);
  }, { signal });
  pageList.addEventListener('change', () => { open(pageList.value); tellPlace(true); }, { signal });
  languageList?.addEventListener('change', () => {
    state.language = languageList.value;
    build();
    tellPlace(true);
  }, { signal });
  const clock = startClock(root, (at) => {
    state.at = at;
    delete lent.at;
    build();
    tellPlace(false);
  }, signal);
  const sized = new ResizeObserver(arrange);
  sized.observe(stage);
  if (start.page) pageList.value = start.page;
  if (![...languageList?.options ?? []].some(({ value }) => value === state.language)) state.language = '';
  if (languageList) languageList.value = state.language;
  tellButtons();
  clock.show(state.at);
  build();

  return {
    /** Shows a custom property's value at once, in every frame and on the bench's samples. */
    show: live.show,
    /** Writes words at once where a setting's words stand, in every frame; the pages are read again once they are kept. */
    say(path, was, now) {
      for (const element of documents().flatMap((doc) => [...doc.querySelectorAll(`[data-from~="${CSS.escape(path)}"]`)])) {
        if (element.textContent.trim() === was) element.textContent = now;
      }
    },
    /** Forgets what was only shown. */
    forget: live.forget,
    /** Wears a kept look: the new stylesheet first, then nothing is only shown any more. */
    async wear(sheet, folded, isReadAgain) {
      // While a season runs the frames wear another stylesheet than the bench: the pages know which.
      busy(sheet, true);
      const again = isReadAgain || state.at !== '' || documents().some((doc) => sheetOf(doc)?.getAttribute('href') !== sheetOf(document)?.getAttribute('href'));
      // A frame that reads another page meanwhile gets its stylesheet with it: nothing of the old page is waited for.
      if (!again) documents().flatMap((doc) => [...doc.querySelectorAll('link[data-folded]')]).forEach((link) => { link.media = folded?.[link.ownerDocument.documentElement.lang] ?? link.media; });
      await Promise.all([swapSheet(document, sheet), ...(again ? [] : frames()).map((frame) => Promise.race([swapSheet(frame.contentDocument, sheet), gone(frame)]))]);
      everywhere().forEach(dark.apply);
      live.forget();
      if (again) this.reload();
      else selecting.refresh();
      busy(sheet, false);
    },
    /** Reads the frames' pages again where they are. */
    reload: readAgain,
    /** Shows what is tried on, at the pages and places that are open; an empty key brings the kept look back. */
    tryOn(trial) {
      if (state.trial === trial || state.view === 'bases') return;
      state.trial = trial;
      root.classList.toggle('is-trying', trial !== '');
      readAgain();
    },
    /** Several bases beside one another, each on the page that is open. */
    compare(bases) {
      state.view = state.view === 'bases' ? 'one' : 'bases';
      state.compared = bases;
      tellButtons();
      build();
    },
    /**
     * Shows two points of the journal at the seam, until there are none.
     *
     * @param points { then, now: { trial, words } }; null for none
     */
    comparePoints(points) {
      if (JSON.stringify(points) === JSON.stringify(state.points)) return;
      if (points !== null && state.points === null) viewBefore = state.view;
      state.points = points;
      state.view = points === null ? viewBefore : 'then';
      tellButtons();
      build();
    },
    rebuild: build,
    /** Shows the shop in a language it speaks; empty for its first. */
    speak(language) {
      if (state.language === language || ![...languageList?.options ?? []].some(({ value }) => value === language)) return;
      state.language = language;
      languageList.value = language;
      build();
      tellPlace(false);
    },
    /** Dresses parts with a click, until it is ended. */
    dress: (is) => { if (is || state.mode === 'dress') point(is ? 'dress' : 'pick'); },
    /** Shows one page on a screen of that width, px. */
    setWidth(width) {
      const device = deviceOf(width);
      if (device === state.device || !['one', 'then'].includes(state.view)) return;
      const isOther = isHandHeld(device) !== isHandHeld(state.device);
      state.device = device;
      state.isTurned = false;
      delete lent.device;
      tellButtons();
      tellPlace(false);
      // A page that is held in the hand is another one: its pictures are finer, and nothing on it can be pointed at.
      if (isOther) return build();
      panes.forEach((pane) => { pane.device = device; });
      arrange();
    },
    /** Folds the menu away on screens narrower than that, px, until another stylesheet comes. */
    foldBelow: (width) => documents().flatMap((doc) => [...doc.querySelectorAll('link[data-folded]')]).forEach((link) => { link.media = `(max-width: ${width - 1}px)`; }),
    /**
     * Scrolls the page that is open.
     *
     * @param share of the way down, 0..1
     * @return { px, height, length } what the header keeps of the screen there, a whole screen of the device and the page, px; null for none
     */
    async scrollTo(share) {
      await idle();
      const { contentDocument: doc, contentWindow: view } = first().frame;
      const header = doc.querySelector('.header');
      const length = doc.documentElement.scrollHeight;
      view.scrollTo({ top: share * (length - view.innerHeight), behavior: 'instant' });
      await new Promise((done) => { setTimeout(done, SETTLED); });
      return header && { px: Math.max(0, header.getBoundingClientRect().bottom), height: screenOf(state.device, state.isTurned)[1], length };
    },
    wearDark: dark.wear,
    isDark: dark.isDark,
    /** Goes to one element of a page, by its number, lights it up and brings it into view. */
    async visit(page, number, device = null) {
      if (lend('device', device)) { tellButtons(); build(); }
      const element = (await showing(page)).body.querySelectorAll('*')[number];
      if (element) show(element);
    },
    /**
     * Brings a place into sight and marks it for a moment; a window that is held still only marks it.
     *
     * @param place { page, part, element, isEverywhere, device, moment, alike } of WindowPlace; null for no place of the window
     * @param own the page the step was left at, which will do for what shows on every page
     */
    async bring(place, own = null) {
      if (state.view === 'bases') return;
      // After an edit the page is read again: what is looked for may only be on the new one.
      await idle();
      if (!state.isPinned && [lend('device', place?.device ?? null), lend('at', place?.moment ?? null)].includes(true)) {
        tellButtons();
        clock.show(state.at);
        build();
      }
      if (own !== null && own !== state.page && !state.isPinned) {
        open(own);
        tellPlace(false);
      }
      await idle();
      if (!place || place.alike.includes(listed(first()))) return;
      const { part, element: number, isEverywhere } = place;
      // A page that is named by its path may be one of the list.
      const page = pages.find(({ path }) => path === place.page)?.key ?? place.page;
      const find = (doc) => (number === null ? doc.querySelector(`[data-part="${CSS.escape(part)}"]`) : doc.body.querySelectorAll('*')[number]);
      const doc = first().frame.contentDocument;
      const isHere = listed(first()) === page;
      const here = isEverywhere || isHere || number === null ? find(doc) : null;
      if (state.isPinned || (own !== null && !isHere)) {
        if (here && here.localName !== 'body') mark(here, doc.body);
        return;
      }
      const element = (isEverywhere || isHere ? here : null) ?? find(await showing(page));
      if (!element || element.localName === 'body') return;
      show(element);
    },
    /** What the address says of the window: page, device, clock and view, as far as they are not as at the beginning. */
    place: () => ({
      page: state.page, ...(state.device === 'desktop' ? {} : { device: state.device }), ...(state.isTurned ? { turned: 'yes' } : {}),
      ...(state.language === '' ? {} : { language: state.language }),
      ...(['one', 'bases'].includes(lasting()) ? {} : { view: lasting() }), ...(state.at === '' || 'at' in lent ? {} : { at: state.at }),
    }),
    /** Shows what an address says of the window. */
    restore(search) {
      const wanted = { device: 'desktop', isTurned: false, view: 'one', page: state.page, at: '', language: '', ...placeIn(search) };
      if (Object.entries(wanted).every(([key, value]) => state[key] === value)) return;
      Object.assign(state, wanted);
      delete lent.device;
      delete lent.at;
      pageList.value = state.page;
      tellButtons();
      clock.show(state.at);
      build();
    },
    /** Forgets what was picked. */
    letGo: selecting.letGo,
    light(places) { lit = places; light(); },
    open(page) {
      open(page);
      tellPlace(true);
    },
    /** Takes the window down: its frames, and all that listens. */
    stop() {
      life.abort();
      sized.disconnect();
      clear();
    },
  };
}
