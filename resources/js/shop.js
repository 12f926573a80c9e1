// The shop's own script, loaded only where style alone cannot do it. Every page works without it.
const root = document.documentElement;
root.classList.add('has-script');

const header = document.querySelector('.header');
if (header && root.matches('.sticky-row')) {
  // How far it goes up with the page: to its second row, where it has one beside the first.
  const [, second] = header.querySelectorAll('.header-row');
  const fit = () => header.style.setProperty('--first-row', `${second?.offsetHeight ? second.getBoundingClientRect().top - header.getBoundingClientRect().top : 0}px`);
  new ResizeObserver(fit).observe(header);
}
if (header && root.matches('.sticky-smaller, .sticky-returns')) {
  let last = scrollY;
  const follow = () => {
    const down = scrollY > last;
    header.classList.toggle('is-low', root.matches('.sticky-smaller') && scrollY > 60);
    // Whoever is in the header with the keyboard keeps it.
    if (root.matches('.sticky-returns') && Math.abs(scrollY - last) > 4) header.classList.toggle('is-away', down && scrollY > header.offsetHeight && !header.contains(document.activeElement));
    last = scrollY;
  };
  addEventListener('scroll', follow, { passive: true });
  header.addEventListener('focusin', () => header.classList.remove('is-away'));
  follow();
}

// The width at which the menu folds away is reckoned from the letters of the look. For whoever reads with wider spacing or letters of their own it
// folds where theirs no longer fit (WCAG 2.2, 1.4.12).
const folded = document.querySelector('link[data-folded=fits]');
if (header && folded) {
  const rows = [...header.querySelectorAll('.header-row')];
  // What has no room hangs out at the end of its row: on the right, or on the left where words run from right to left.
  const isCut = (row) => {
    const [end, around] = [row.lastElementChild?.getBoundingClientRect(), row.getBoundingClientRect()];
    return end !== undefined && (end.right > around.right + 1 || end.left < around.left - 1);
  };
  const wear = (media) => { if (folded.sheet.media.mediaText !== media) folded.sheet.media.mediaText = media; };
  const fold = () => {
    if (!folded.sheet) return;
    wear(folded.media);
    if (rows.some(isCut)) wear('all');
  };
  const watch = new ResizeObserver(fold);
  for (const part of [header, ...header.querySelectorAll('.header-place, .header-place > *')]) watch.observe(part);
  folded.addEventListener('load', fold);
}

// What stands below an entry opens where it is pointed at; by key and by touch its mark opens it, with or without script.
for (const below of document.querySelectorAll('.below')) {
  const item = below.parentElement;
  const mark = below.querySelector('summary');
  item.addEventListener('pointerenter', (event) => { if (event.pointerType === 'mouse') below.open = true; });
  item.addEventListener('pointerleave', (event) => { if (event.pointerType === 'mouse' && !item.contains(document.activeElement)) below.open = false; });
  item.addEventListener('focusout', (event) => { if (!item.contains(event.relatedTarget)) below.open = false; });
  item.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape' || !below.open) return;
    below.open = false;
    mark.focus();
  });
  // The mouse that points at it has opened it already.
  mark.addEventListener('click', (event) => { if (event.pointerType === 'mouse') event.preventDefault(); });
}

const bar = document.querySelector('.announcement');
if (bar?.dataset.dismiss) {
  const key = `closed-announcement-${bar.dataset.dismiss}`;
  const close = bar.querySelector('[data-close]');
  close.hidden = false;
  close.addEventListener('click', () => {
    bar.remove();
    try { localStorage.setItem(key, String(Date.now() + bar.dataset.days * 86_400_000)); } catch { /* A browser that keeps nothing shows it again on the next page. */ }
  });
  let closed = false;
  try { closed = Number(localStorage.getItem(key)) > Date.now(); } catch { closed = false; }
  if (closed) bar.remove();
}
if (bar?.dataset.turn) {
  const messages = [...bar.querySelectorAll('li')];
  const pause = bar.querySelector('[data-pause]');
  let at = 0;
  // Whoever asks for less motion begins paused, and everybody can pause (WCAG 2.2, 2.2.2).
  let paused = matchMedia('(prefers-reduced-motion: reduce)').matches;
  const show = () => messages.forEach((message, i) => { message.classList.toggle('waits', i !== at); });
  const tell = () => { pause.setAttribute('aria-pressed', String(paused)); };
  pause.hidden = false;
  pause.addEventListener('click', () => { paused = !paused; tell(); });
  setInterval(() => {
    if (paused || bar.matches(':hover, :focus-within')) return;
    at = (at + 1) % messages.length;
    show();
  }, Number(bar.dataset.turn) * 1000);
  show();
  tell();
}

const choices = document.querySelector('.choices');
if (choices) {
  const ways = JSON.parse(choices.dataset.ways);
  const form = choices.closest('form');
  const options = [...choices.querySelectorAll('[data-option]')];
  const valueOf = (each) => (each.querySelector('input') ?? each).value;
  /** Into sight among the others; where they stand one under the other, only as far as nothing that is being chosen moves away. */
  const bring = (picture) => {
    const strip = picture?.parentElement;
    if (strip && strip.scrollWidth > strip.clientWidth) strip.scrollTo({ left: picture.offsetLeft - strip.offsetLeft, behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'instant' : 'smooth' });
  };
  const picked = () => options.map((option) => option.querySelector('input:checked, option:checked')?.value ?? '');
  const called = (values) => values.join(choices.dataset.between);
  const mark = () => {
    const values = picked();
    options.forEach((option, i) => option.querySelectorAll('.option').forEach((label) => {
      // What cannot be had together with the rest stays to be chosen: the rest may change after it.
      const way = ways[called(values.map((value, j) => (j === i ? valueOf(label) : value)))];
      const isGone = !way?.[0];
      label.classList.toggle('is-gone', isGone);
      // What is shown no longer can still be what was chosen before: it is then said to be gone by the button.
      if (label.matches('option')) label.hidden = isGone && choices.dataset.gone === 'hidden';
    }));
  };
  // Only what somebody chooses has a price of its own: before, nothing on the page moves.
  const show = () => {
    mark();
    const [left, price, before, picture] = ways[called(picked())] ?? [0, '', '', null];
    if (picture !== null) bring(document.querySelector(`[data-picture="${picture}"]`));
    form.querySelectorAll('button').forEach((button) => { button.disabled = left === 0; });
    if (left === 0) return;
    const quantity = form.querySelector('#quantity');
    if (quantity) quantity.max = left;
    // The elements stay as many as they were: the workbench counts them.
    const shown = document.querySelector('.product-price [data-price]');
    shown.lastChild.textContent = price;
    if (shown.firstElementChild) shown.firstElementChild.hidden = true;
    const crossed = document.querySelector('.product-price [data-before]');
    if (crossed) crossed.textContent = before;
  };
  choices.addEventListener('change', show);
  mark();
}

// A strip of pictures is gone through by small pictures and arrows; the first that is seen is marked.
const thumbs = document.querySelector('.thumbs');
if (thumbs) {
  const strip = thumbs.parentElement.querySelector('.product-pictures');
  const links = [...thumbs.querySelectorAll('a')];
  const pictures = links.map((link) => document.getElementById(link.hash.slice(1)));
  const turns = [...thumbs.querySelectorAll('[data-turn]')];
  const far = (picture) => Math.abs(picture.getBoundingClientRect().left - strip.getBoundingClientRect().left);
  const at = () => pictures.reduce((best, picture, i) => (far(picture) < far(pictures[best]) ? i : best), 0);
  const go = (i) => strip.scrollTo({ left: pictures[i].offsetLeft - strip.offsetLeft, behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'instant' : 'smooth' });
  const mark = () => {
    const here = at();
    links.forEach((link, i) => link.toggleAttribute('aria-current', i === here));
    links[here].setAttribute('aria-current', 'true');
  };
  links.forEach((link, i) => link.addEventListener('click', (event) => {
    event.preventDefault();
    go(i);
  }));
  for (const turn of turns) {
    turn.hidden = false;
    // From the last to the first again.
    turn.addEventListener('click', () => go((at() + Number(turn.dataset.turn) + links.length) % links.length));
  }
  strip.addEventListener('scroll', mark, { passive: true });
}

// A picture opens large where it is; without script its link leads to the file.
const large = document.querySelector('dialog.large');
if (large) {
  const shown = large.querySelector('img');
  for (const link of document.querySelectorAll('.closer')) {
    link.addEventListener('click', (event) => {
      if (event.ctrlKey || event.metaKey || event.shiftKey) return;
      event.preventDefault();
      const { naturalWidth, width, height, alt } = link.querySelector('img');
      shown.alt = alt;
      shown.width = Math.max(naturalWidth, width);
      shown.height = Math.round((shown.width * height) / width);
      shown.src = link.href;
      large.showModal();
    });
  }
  shown.addEventListener('click', () => large.close());
}

// Further pages are brought onto this one: by their button, or when the end of the shelf comes into sight.
const brings = document.querySelector('[data-brings]');
if (brings) {
  const shelf = document.querySelector('.category-grid');
  const next = () => brings.querySelector('[rel=next]');
  let isUnderWay = false;
  /** @returns the first card that came; nothing where none did, and the link is followed as any other */
  const bring = async (address) => {
    const answer = await fetch(address, { headers: { Accept: 'text/html' } });
    if (!answer.ok) throw new Error(`${answer.status}`);
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const cards = [...page.querySelectorAll('.category-grid > li')];
    if (cards.length === 0) throw new Error('no cards');
    // What fills the last row belongs to the end alone.
    shelf.querySelectorAll('.onward').forEach((tile) => tile.remove());
    shelf.append(...cards.map((card) => document.importNode(card, true)));
    const [after, pages] = [page.querySelector('[data-brings] [rel=next]'), page.querySelector('[data-pages]')];
    if (after) next().href = after.getAttribute('href');
    else next().remove();
    brings.querySelector('[data-pages]')?.replaceChildren(pages?.textContent ?? '');
    return shelf.children[shelf.children.length - cards.length];
  };
  const go = async (isByHand) => {
    const link = next();
    if (!link || isUnderWay) return;
    isUnderWay = true;
    link.setAttribute('aria-busy', 'true');
    try {
      const first = await bring(link.href);
      // Whoever asked by key goes on with what came.
      if (isByHand) first.querySelector('a')?.focus({ preventScroll: true });
    } catch {
      location.assign(link.href);
    }
    link.removeAttribute('aria-busy');
    isUnderWay = false;
  };
  brings.addEventListener('click', (event) => {
    if (!event.target.closest('[rel=next]') || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    go(true);
  });
  if (brings.dataset.brings === 'scroll') {
    const watch = new IntersectionObserver(async ([entry]) => {
      if (!entry.isIntersecting) return;
      await go(false);
      // What is still in sight is seen anew.
      watch.unobserve(brings);
      if (next()) watch.observe(brings);
    }, { rootMargin: '300px' });
    watch.observe(brings);
  }
}
