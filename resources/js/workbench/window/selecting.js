// Picking things in the shop: what is under the pointer is outlined with its name, a click picks it, and a tag beside it offers what it is made of.
import { keepCell, keepEdit, keepSaid } from '../shell/keep-edit.js';
import { room } from '../shell/refused.js';
import { scrollInside } from './scroll-inside.js';
import { namesOf, neighbor } from './things.js';

const SVG = 'http://www.w3.org/2000/svg';

/** Ms after the last arrow key until the server is asked about what was reached. */
const SETTLED = 140;

/** Ms that a finger stays, and px it may wander meanwhile, until it has pressed long. */
const LONG_PRESS = 500;
const STAYS = 10;

/** Characters of the words of a menu's entry. */
const MOST_OF_ENTRY = 60;

/** Px between a thing and its name or tag. */
const GAP = 6;

/** Px that a box stands off what it is drawn around: its halo, too, lies over no letter. */
const OUT = 3;

/** Px between a thing and its tag, where a thread ties them. */
const THREAD = 28;

/**
 * @param context { paneOf(doc), pageOf(pane), isPicking() whether a click picks and is not followed, language() the shop is read in, signal }
 */
export function startSelecting(root, { paneOf, pageOf, isPicking, language, signal }) {
  const stage = root.querySelector('[data-stage]');
  const tag = root.querySelector('[data-selected]');
  const partNames = () => JSON.parse(document.querySelector('#state').dataset.parts);
  const finder = namesOf(JSON.parse(root.dataset.things), partNames);
  const marks = document.createElementNS(SVG, 'svg');
  marks.setAttribute('class', 'picked-marks');
  marks.setAttribute('aria-hidden', 'true');
  const label = document.createElement('span');
  label.className = 'thing-name';
  label.setAttribute('aria-hidden', 'true');
  let pointed = null;
  let picked = null;
  let asked = null;
  let timer = null;

  /** Where an element stands on the stage, cut at its pane, in px; null where it is out of sight. */
  function boxOf(element) {
    const pane = element.isConnected ? paneOf(element.ownerDocument) : null;
    if (!pane) return null;
    const { pane: { offsetLeft, offsetTop, offsetWidth, offsetHeight }, frame } = pane;
    const scale = offsetWidth / frame.clientWidth;
    const box = element.getBoundingClientRect();
    const left = Math.max(0, box.left * scale);
    const top = Math.max(0, box.top * scale);
    const right = Math.min(offsetWidth, box.right * scale);
    const bottom = Math.min(offsetHeight, box.bottom * scale);
    return right <= left || bottom <= top ? null : { left: left + offsetLeft, top: top + offsetTop, right: right + offsetLeft, bottom: bottom + offsetTop };
  }

  function draw() {
    if (!marks.isConnected) stage.append(marks, label);
    marks.replaceChildren();
    label.hidden = true;
    if (picked && !picked.element.isConnected) picked = null;
    if (pointed && pointed !== picked?.element) outline(pointed, 'is-pointed', true);
    const at = picked && outline(picked.element, 'is-picked', tag.childElementCount === 0);
    tag.hidden = !at || tag.childElementCount === 0;
    if (!tag.hidden) place(at);
  }

  function outline(element, kind, isNamed) {
    const box = boxOf(element);
    if (!box) return null;
    for (const halo of [true, false]) {
      const rect = document.createElementNS(SVG, 'rect');
      rect.setAttribute('class', halo ? 'halo-box' : kind);
      for (const [name, value] of [['x', box.left - OUT], ['y', box.top - OUT], ['width', box.right - box.left + 2 * OUT], ['height', box.bottom - box.top + 2 * OUT]]) rect.setAttribute(name, value);
      marks.append(rect);
    }
    if (isNamed) name(element, box);
    return box;
  }

  /** The name stands outside the box, where it covers no letter of the shop. */
  function name(element, box, words = finder.nameOf(element)) {
    label.hidden = false;
    label.textContent = words;
    const { offsetWidth: width, offsetHeight: height } = label;
    const [above, below] = [box.top - height - GAP / 2, box.bottom + GAP / 2];
    const places = [
      [box.left, above], [box.right - width, above], [box.left, below], [box.right - width, below],
      [box.right + GAP, box.top], [box.left - width - GAP, box.top], [box.right + GAP, box.bottom - height], [box.left, stage.clientHeight - height], [box.left, 0],
    ].map(([left, top]) => [Math.max(0, Math.min(left, stage.clientWidth - width)), top]);
    const fits = ([left, top]) => top >= 0 && top + height <= stage.clientHeight && (top + height <= box.top || top >= box.bottom || left >= box.right || left + width <= box.left);
    const free = places.filter(fits);
    const [left, top] = free.find((at) => !coversWords(element, { left: at[0], top: at[1], right: at[0] + width, bottom: at[1] + height })) ?? free[0] ?? places[7];
    Object.assign(label.style, { left: `${left}px`, top: `${top}px` });
  }

  /** Whether letters of the page stand in a box of the stage. */
  function coversWords(element, box) {
    const doc = element.ownerDocument;
    const { pane: { offsetLeft, offsetTop, offsetWidth }, frame } = paneOf(doc);
    const scale = offsetWidth / frame.clientWidth;
    const inPage = { left: (box.left - offsetLeft) / scale, right: (box.right - offsetLeft) / scale, top: (box.top - offsetTop) / scale, bottom: (box.bottom - offsetTop) / scale };
    const found = new Set();
    for (const x of [0.02, 0.35, 0.7, 0.98]) {
      for (const y of [0.1, 0.5, 0.9]) {
        const at = doc.elementFromPoint(inPage.left + x * (inPage.right - inPage.left), inPage.top + y * (inPage.bottom - inPage.top));
        if (at) found.add(at);
      }
    }
    return [...found].some((each) => [...each.childNodes].some((node) => {
      if (node.nodeType !== Node.TEXT_NODE || node.data.trim() === '') return false;
      const range = doc.createRange();
      range.selectNodeContents(node);
      return [...range.getClientRects()].some((r) => r.left < inPage.right && r.right > inPage.left && r.top < inPage.bottom && r.bottom > inPage.top);
    }));
  }

  /** The tag stands beside the thing: right of it, left of it, below or above it, wherever there is room. */
  function place(box) {
    const { offsetWidth: width, offsetHeight: height } = tag;
    const room = { right: stage.clientWidth - box.right, left: box.left, below: stage.clientHeight - box.bottom };
    const side = ['right', 'left'].find((each) => room[each] >= width + THREAD + GAP);
    let left = side === 'left' ? box.left - width - THREAD : box.right + THREAD;
    let top = box.top;
    if (!side) {
      left = Math.min(box.left, stage.clientWidth - width - GAP);
      const below = box.bottom + GAP + 24;
      top = room.below >= height + 24 + GAP ? below : Math.max(box.top - height - GAP - 24, stage.clientHeight - height - GAP);
      if (top + height > box.top && room.below < height + 24 + GAP) left = stage.clientWidth - width - GAP;
    }
    left = Math.max(GAP, left);
    top = Math.max(GAP, Math.min(top, stage.clientHeight - height - GAP));
    Object.assign(tag.style, { left: `${left}px`, top: `${top}px` });
    if (side) tie(side === 'right' ? box.right : box.left, box, left + (side === 'right' ? 0 : width), top + 16);
  }

  /** A thread from the thing to its tag. */
  function tie(near, box, toX, toY) {
    const y = Math.min((box.top + box.bottom) / 2, toY + 60);
    const bend = (toX - near) / 2;
    for (const kind of ['halo-box', 'tie']) {
      const path = document.createElementNS(SVG, 'path');
      path.setAttribute('class', kind);
      path.setAttribute('d', `M${near} ${y}C${near + bend} ${y} ${toX - bend} ${toY} ${toX} ${toY}`);
      marks.append(path);
    }
  }

  function point(element) {
    if (pointed === element) return;
    pointed = element;
    draw();
  }

  /** What a thing says it shows; one that only holds another (a frame of a picture) shows what that shows. */
  function shownBy(element) {
    if (element.dataset.from || 'part' in element.dataset) return element.dataset.from ?? '';
    const said = [...element.querySelectorAll('[data-from]')];
    return said.length === 1 ? said[0].dataset.from : '';
  }

  /** What the server is told of a thing: itself and what is around it as far as its part goes, with what each says it shows. */
  function question(element) {
    const all = [...element.ownerDocument.body.querySelectorAll('*')];
    const page = pageOf(paneOf(element.ownerDocument));
    const chain = [];
    for (let e = element; e && e.localName !== 'body' && chain.length < 24; e = e.parentElement) {
      chain.push([page === null ? -1 : all.indexOf(e), e === element ? shownBy(e) : e.dataset.from ?? '']);
      if ('part' in e.dataset) break;
    }
    const state = Object.fromEntries(new FormData(document.querySelector('#state')));
    return new URLSearchParams({ page: page ?? '', part: finder.partOf(element), name: finder.nameOf(element), step: state.step, chain: JSON.stringify(chain) });
  }

  /**
   * @param how { opens: whether the bench opens it, takesFocus: whether the tag takes the keys, waits: ms until the server is asked }
   */
  function pick(element, { opens = true, takesFocus = false, waits = 0 } = {}) {
    picked = { element, ...signature(element) };
    tag.replaceChildren();
    draw();
    clearTimeout(timer);
    asked?.abort();
    asked = new AbortController();
    const { signal: stopped } = asked;
    const mine = picked;
    timer = setTimeout(async () => {
      const answer = await fetch(`${document.body.dataset.base}/selected?${question(element)}`, { signal: stopped }).catch(() => null);
      if (!answer?.ok || picked !== mine) return;
      tag.innerHTML = await answer.text();
      window.htmx.process(tag);
      draw();
      root.dispatchEvent(new Event('ikat:offered'));
      if (opens) openMain(false);
      if (takesFocus) (tag.querySelector('[data-offer]') ?? tag.querySelector('button')).focus();
    }, waits);
  }

  function letGo() {
    clearTimeout(timer);
    asked?.abort();
    picked = null;
    tag.replaceChildren();
    draw();
  }

  /** By what a thing is found again on a page that was read anew. */
  function signature(element) {
    const part = finder.partOf(element);
    const alike = (doc) => [...doc.querySelectorAll(`[data-part="${CSS.escape(part)}"]`)].flatMap((each) => [each, ...each.querySelectorAll('*')])
      .filter((each) => each.localName === element.localName && each.className === element.className && (each.dataset.from ?? '') === (element.dataset.from ?? ''));
    return { page: pageOf(paneOf(element.ownerDocument)), alike, at: alike(element.ownerDocument).indexOf(element) };
  }

  /** A page was read anew: what was picked on it is found again, or let go. */
  function findAgain(doc) {
    pointed = null;
    if (picked?.element.ownerDocument.defaultView === null) {
      const again = picked.page === pageOf(paneOf(doc)) ? picked.alike(doc)[picked.at] : null;
      if (again) pick(again, { opens: false });
      else letGo();
    }
    draw();
  }

  const open = (address, takesFocus) => root.dispatchEvent(new CustomEvent('ikat:open', { bubbles: true, detail: { address, takesFocus } }));

  function openMain(takesFocus) {
    const main = tag.querySelector('[data-main]');
    if (main) open(main.href, takesFocus);
  }

  function press(key) {
    const offer = tag.querySelector(`[data-key="${CSS.escape(key.toLowerCase())}"]`);
    offer?.click();
    return offer !== null;
  }

  function onKey(event) {
    if (!picked || event.ctrlKey || event.metaKey || event.altKey || event.target.isContentEditable) return;
    // Whoever has gone on with Tab picks what has the focus now.
    const focused = finder.thingAt(event.target);
    if (event.key === 'Enter' && focused && focused !== picked.element) return;
    if (event.key.startsWith('Arrow')) {
      const to = neighbor(picked.element, event.key, finder);
      if (to) {
        to.ownerDocument.activeElement.blur();
        scrollInside(to, 'nearest');
        pick(to, { waits: SETTLED });
      }
    } else if (event.key === 'Escape') letGo();
    else if (event.key === 'Enter') openMain(true);
    else if (!press(event.key)) return;
    event.preventDefault();
    event.stopPropagation();
  }

  /** What the other button offers: the choice beside a thing, with the keys in it. */
  function offerThing(target) {
    const thing = isPicking() ? finder.thingAt(target) : null;
    if (thing && (thing !== picked?.element || !tag.contains(document.activeElement))) pick(thing, { opens: false, takesFocus: true });
    return thing !== null;
  }

  /** A finger that stays offers it, too: not every browser makes a context menu of that. */
  function watchLongPress(doc) {
    let at = null;
    let staying = null;
    let isLong = false;
    const stop = () => clearTimeout(staying);
    doc.addEventListener('pointerdown', (event) => {
      stop();
      isLong = false;
      if (event.pointerType !== 'touch') return;
      at = [event.clientX, event.clientY];
      staying = setTimeout(() => { isLong = offerThing(event.target); }, LONG_PRESS);
    });
    doc.addEventListener('pointermove', (event) => { if (at && Math.hypot(event.clientX - at[0], event.clientY - at[1]) > STAYS) stop(); });
    ['pointerup', 'pointercancel'].forEach((end) => doc.addEventListener(end, stop));
    // Lifted from a long press it is no tap, which would take the focus out of the choice.
    doc.addEventListener('touchend', (event) => { if (isLong) event.preventDefault(); }, { passive: false });
  }

  function watch(doc) {
    doc.addEventListener('pointerover', (event) => { if (isPicking()) point(finder.thingAt(event.target)); });
    doc.addEventListener('pointerleave', () => point(null));
    doc.documentElement.addEventListener('pointerleave', () => point(null));
    doc.addEventListener('focusin', (event) => { if (isPicking() && event.target.matches?.(':focus-visible')) point(finder.thingAt(event.target)); });
    // A field of the shop is picked, not opened or typed into.
    doc.addEventListener('mousedown', (event) => { if (isPicking() && event.target.closest?.('select, input, textarea') && !isFollowed(event)) { event.preventDefault(); doc.defaultView.focus(); } }, true);
    doc.addEventListener('click', (event) => {
      if (!isPicking() || isFollowed(event) || event.target.isContentEditable) return;
      event.preventDefault();
      event.stopPropagation();
      const thing = finder.thingAt(event.target);
      if (!thing) letGo();
      else if (thing !== picked?.element) pick(thing);
    }, true);
    doc.addEventListener('dblclick', (event) => {
      if (!isPicking() || event.target.isContentEditable) return;
      event.preventDefault();
      const record = event.target.closest?.('[data-record]');
      if (!record) writeOnceKnown();
      else if ('edits' in root.dataset) writeRecord(record);
    });
    doc.addEventListener('contextmenu', (event) => { if (offerThing(event.target)) event.preventDefault(); });
    watchLongPress(doc);
    doc.addEventListener('keydown', onKey);
  }

  /** With a modifier a click is the shop's own: links are followed, buttons work. */
  const isFollowed = (event) => event.ctrlKey || event.metaKey;

  async function writeOnceKnown() {
    if (tag.childElementCount === 0) await new Promise((done) => { root.addEventListener('ikat:offered', done, { once: true }); });
    const offer = tag.querySelector('[data-words]');
    if (offer) write(offer);
  }

  /** Words of the look are written where they stand. */
  function write(offer) {
    const { words: path, most } = offer.dataset;
    const found = picked?.element;
    const shown = `[data-from~="${CSS.escape(path)}"]`;
    const at = found?.matches(shown) ? found : found?.querySelector(shown) ?? found?.closest(shown);
    if (!at || at.childElementCount > 0) return false;
    writeAt(at, Number(most), (words) => (language() === '' ? keepEdit(path, words) : keepSaid({ path }, language(), words)));
    return true;
  }

  /** Words of a menu belong to the Storeroom. */
  function writeRecord(at) {
    const [kind, record] = at.dataset.record.split(' ');
    const stood = at.textContent;
    writeAt(at, MOST_OF_ENTRY, (words) => (language() === '' ? keepCell(kind, record, 'label', words, stood) : keepSaid({ record }, language(), words)));
  }

  /** Enter keeps what is written, Escape puts back what stood there. */
  function writeAt(at, most, keep) {
    const was = at.textContent;
    at.contentEditable = 'plaintext-only';
    at.focus();
    at.ownerDocument.getSelection().selectAllChildren(at);
    tag.hidden = true;
    let isOver = false;
    const end = (isKept) => {
      if (isOver) return;
      const words = at.textContent.trim();
      if (isKept && words !== was.trim()) {
        // What is too long is not cut and not lost: it stays, and how much is too much stands beside it.
        if ([...words].length > most) {
          document.querySelector('#announce').textContent = room([...words].length, most);
          return;
        }
        keep(words);
      } else at.textContent = was;
      isOver = true;
      at.removeAttribute('contenteditable');
      at.ownerDocument.defaultView.focus();
      draw();
    };
    at.addEventListener('keydown', (event) => {
      event.stopPropagation();
      if (event.key !== 'Enter' && event.key !== 'Escape') return;
      event.preventDefault();
      end(event.key === 'Enter');
    });
    at.addEventListener('input', () => {
      draw();
      const left = room([...at.textContent.trim()].length, most);
      if (left) name(at, boxOf(at), left);
    });
    at.addEventListener('blur', () => end(true));
  }

  tag.addEventListener('click', (event) => {
    if (event.target.closest('[data-let-go]')) letGo();
    const offer = event.target.closest('[data-offer]');
    if (!offer) return;
    event.preventDefault();
    if ('words' in offer.dataset && write(offer)) return;
    open(offer.href, true);
  }, { signal });
  tag.addEventListener('keydown', (event) => {
    const offers = [...tag.querySelectorAll('[data-offer], button')];
    const to = offers[offers.indexOf(document.activeElement) + ({ ArrowDown: 1, ArrowUp: -1 }[event.key] ?? NaN)];
    if (event.key === 'Escape') {
      const { element } = picked ?? {};
      letGo();
      element?.ownerDocument.defaultView.focus();
    } else if (to) to.focus();
    else if (event.key === 'Enter' || !press(event.key)) return;
    event.preventDefault();
    event.stopPropagation();
  }, { signal });

  return {
    watch,
    findAgain,
    draw,
    /** The window has less room, or more: what is picked stays in sight, and its tag beside it. */
    resized() {
      if (picked?.element.isConnected && !boxOf(picked.element)) scrollInside(picked.element, 'nearest');
      draw();
    },
    letGo,
    point,
    /** After an edit the tag says what is so now. */
    refresh() {
      if (picked && boxOf(picked.element)) pick(picked.element, { opens: false });
    },
  };
}
