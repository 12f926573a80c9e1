// The setting catalog as tests walk through it: a look that shows all of it, another value for each setting, and what a
// page looks like in numbers.
import { execFileSync } from 'node:child_process';
import { change, openPage, signIn } from './support.mjs';

/** A look with every kind of band, block, message and season in it, and words everywhere. */
export const FULL = {
  'home.bands': 'lead-1,row-1,words-1,columns-1,gallery-1,rule-1,newsletter-1,space-1',
  'footer.blocks': 'about-1,links-1,links-2,words-1,picture-1,newsletter-1,social-1,payment-1,policies-1,chooser-1',
  'announcement.messages': 'message-1,message-2',
  'announcement.dismiss': 'on',
  'message.message-2.show': 'on',
  'message.message-2.text': 'The workshop is open Wednesday to Saturday',
  'utility.email.text': 'hello@wrenfold.example',
  'header.search': 'box',
  'header.button.show': 'on',
  'header.menu.place': 'below',
  'header.sticky': 'smaller',
  'header.menu.folds': 'at',
  'header.chooser': 'on',
  'header.logo.picture': 'workshop',
  'header.menu.second': 'help',
  'band.columns-1.count': '4',
  'band.columns-1.fourth.heading': 'Mend',
  'band.columns-1.fourth.text': 'Bring it back.',
  'band.gallery-1.heading': 'From the mill',
  'band.gallery-1.pictures': 'lead,workshop,lead-winter,lead-garden',
  'band.lead-1.words': 'Folded paper and blown glass.',
  'block.words-1.heading': 'Open',
  'block.words-1.text': 'Wednesday to Saturday',
  'block.picture-1.picture': 'workshop',
  'block.newsletter-1.text': 'Four letters a year.',
  'block.payment-1.gift': 'on',
  'block.social-1.third.text': 'Letters',
  'block.social-1.third.address': 'https://letters.wrenfold.example/',
  'block.social-1.fourth.text': 'Maps',
  'block.social-1.fourth.address': 'https://maps.wrenfold.example/',
  'card.button': 'on',
  'product.now': 'on',
  'shape.shadow': 'soft',
  'locked.words': 'Ask us for the password.',
  seasons: 'season-1',
  'season.season-1.starts': '',
  'season.season-1.ends': '',
};

/** The steps of the work in three parts, so that browsers go through their settings side by side: what the whole shop wears, what its pages hold, its products. */
export const STEPS = { wears: ['colors', 'fonts', 'start', 'logo', 'checkout'], holds: ['header', 'pages', 'footer', 'seasons'], products: ['products'] };

export const catalog = () => JSON.parse(execFileSync('php', ['artisan', 'look:catalog', '--json'], { encoding: 'utf8', maxBuffer: 1e8 })).settings;

/** A signed-in page, the paths of all kinds of page, and the catalog of a look that shows everything; one undo takes it back. */
export async function openFull(browser, more = {}) {
  const page = await openPage(browser);
  await signIn(page);
  const paths = Object.fromEntries(await page.evaluate(() => [...document.querySelector('[data-page]').options].map((o) => [o.value, o.dataset.path])));
  await change(page, { ...FULL, ...more });
  const states = await page.evaluate(() => [...document.querySelectorAll('[data-page] optgroup:last-of-type option')].map((o) => o.value));
  return { page, paths, states, settings: catalog() };
}

const PICTURES = ['lead-winter', 'lead-thaw'];

/** Another value a setting can have, as different as its bounds allow. */
export function another(setting) {
  const { type, value, least, most, choices, of } = setting;
  switch (type) {
    case 'color': return value.toLowerCase() === '#118833' ? '#883311' : '#118833';
    case 'count': return Number(value) === least ? most : least;
    case 'length': case 'number': case 'size': return Number(value) - least > most - Number(value) ? least : most;
    // What a single thing may have is seen where it is not what is around it.
    case 'choice': case 'menu': case 'font': if (setting.path.endsWith('.button.scheme')) return 'kiln'; return choices.find((c) => c !== value && c !== 'none') ?? choices.find((c) => c !== value);
    case 'switch': return value ? 'off' : 'on';
    case 'text': return (value.startsWith('Quite') ? 'Other words' : 'Quite other words').slice(0, most);
    case 'target': return of === 'web' ? 'https://elsewhere.wrenfold.example/' : value === '/page/returns' ? '/search' : '/page/returns';
    case 'picture': return PICTURES.find((p) => p !== value);
    case 'picks': return of === 'product' ? 'reed-drum-lantern,moth-paper-globe,heron-folding-lantern' : 'lead-winter,lead';
    case 'order': return value.split(',').reverse().join(',');
    case 'items': return value.split(',').reverse().slice(1).join(',');
    case 'keys': return of === 'away' ? choices[0] : value.split(',').reverse().join(',');
    case 'gradient': return 'linear-gradient(90deg, #112233 0%, #fe01dc 100%)';
    // What begins later is away now, and what has ended, too.
    case 'moment': return setting.path.startsWith('message.') && setting.path.endsWith('.starts') ? '2090-01-01T00:00' : '2020-01-01T00:00';
    default: throw new Error(`No other value for a ${type}.`);
  }
}

/** What every element of a page shows: its box, its own words, what it links to, and how it is painted. */
export function readPage() {
  const props = ['color', 'backgroundColor', 'backgroundImage', 'maskImage', 'borderTopWidth', 'borderBottomWidth', 'borderTopColor', 'borderBottomColor', 'borderLeftColor', 'borderRightColor', 'borderTopLeftRadius', 'boxShadow', 'fontFamily', 'fontWeight', 'fontStyle', 'fontSize', 'lineHeight', 'textAlign', 'textTransform', 'textWrapStyle', 'textDecorationLine', 'opacity', 'stroke', 'fill', 'objectFit', 'objectPosition', 'transform', 'visibility', 'transitionDuration', 'outlineColor', 'accentColor', 'justifyContent', 'alignContent', 'position'];
  const all = [...document.body.querySelectorAll('*')];
  const within = new Map(all.map((e) => [e, 0]));
  // From the last to the first, children come before their parents.
  for (const e of [...all].reverse()) if (within.has(e.parentElement)) within.set(e.parentElement, within.get(e.parentElement) + within.get(e) + 1);
  return all.map((e) => {
    const box = e.getBoundingClientRect();
    const style = getComputedStyle(e);
    const after = getComputedStyle(e, '::after');
    const own = [...e.childNodes].filter((n) => n.nodeType === 3).map((n) => n.data.trim()).join('|');
    const attributes = ['href', 'src', 'alt', 'value', 'placeholder', 'data-turn', 'data-dismiss', 'data-days', 'aria-label'].map((a) => e.getAttribute(a) ?? '').join('|');
    return {
      at: `${Math.round(box.left)} ${Math.round(box.top + scrollY)}`,
      size: `${Math.round(box.width * 2)} ${Math.round(box.height * 2)}`,
      within: within.get(e),
      look: `${e.tagName} ${own} ${attributes} ${props.map((p) => style[p]).join(';')} ${after.content !== 'none' ? `${after.backgroundColor} ${after.opacity} ${after.backgroundImage}` : ''}`,
    };
  });
}

/** Words that lie on other words: two texts whose boxes cross, neither inside the other's element. */
export function overlappingWords() {
  const texts = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const e = node.parentElement;
    if (node.data.trim() === '' || e.closest('.hidden-words, .skip, .sidecart, option, video, .is-over, details:not([open]) > ul')) continue;
    const style = getComputedStyle(e);
    if (style.visibility === 'hidden' || style.opacity === '0') continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    // Of what is cut off nothing is seen: a name after its last line, a label beyond its picture, what a strip has yet to slide in.
    const cuts = [];
    for (let around = e; around && around !== document.body; around = around.parentElement) if (getComputedStyle(around).overflow !== 'visible') cuts.push(around.getBoundingClientRect());
    for (const rect of range.getClientRects()) {
      const box = { left: Math.max(rect.left, ...cuts.map((cut) => cut.left)), right: Math.min(rect.right, ...cuts.map((cut) => cut.right)), top: Math.max(rect.top, ...cuts.map((cut) => cut.top)), bottom: Math.min(rect.bottom, ...cuts.map((cut) => cut.bottom)) };
      box.height = box.bottom - box.top;
      if (box.right - box.left > 2 && box.height > 2) texts.push({ e, box, words: node.data.trim().slice(0, 30) });
    }
  }
  const found = [];
  for (let i = 0; i < texts.length; i += 1) {
    for (let j = i + 1; j < texts.length; j += 1) {
      const a = texts[i];
      const b = texts[j];
      if (a.e === b.e || a.e.contains(b.e) || b.e.contains(a.e)) continue;
      const across = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
      // Line boxes are taller than letters: only an overlap of more than the spare room is one of words.
      const down = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
      if (across > 3 && down > Math.min(a.box.height, b.box.height) * 0.45) found.push(`${a.words} / ${b.words}`);
    }
  }
  return found;
}
