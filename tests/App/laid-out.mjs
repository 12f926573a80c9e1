// Parts of pages as Chromium lays them out.
// node laid-out.mjs PUBLIC tops|shelves|arranged < [{ "html", "css": [], "widths": [] }, …]; files are read from the folder PUBLIC.
// Answers with what stands where, for each width of each sample.
import { createReadStream, existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { extname, join } from 'node:path';
import { launch } from '../chromium.mjs';

const [, , folder, part] = process.argv;
const samples = JSON.parse(readFileSync(0, 'utf8'));
const TYPES = { '.woff2': 'font/woff2', '.svg': 'image/svg+xml' };
const FRAME = '<!doctype html><style>body{margin:0}iframe{border:0;height:900px}</style><iframe></iframe>';

// Served by itself, so that the browser keeps the fonts.
const server = createServer((request, response) => {
  const file = join(folder, new URL(request.url, 'http://shop.invalid').pathname);
  const found = request.url !== '/' && existsSync(file);
  response.writeHead(found || request.url === '/' ? 200 : 404, { 'content-type': TYPES[extname(file)] ?? 'text/html', 'cache-control': 'max-age=3600' });
  if (found) createReadStream(file).pipe(response);
  else response.end(request.url === '/' ? FRAME : '');
});
await new Promise((done) => { server.listen(0, '127.0.0.1', done); });

// Without hinting letters stand where the font says, as on screens of fine dots.
const browser = await launch(['--font-render-hinting=none', '--hide-scrollbars']);
/** A page with a frame that the samples are shown in. */
async function open() {
  const page = await browser.newPage({ viewport: { width: 2000, height: 1000 }, reducedMotion: 'reduce' });
  await page.goto(`http://127.0.0.1:${server.address().port}/`);
  return page;
}

/** Lays a sample out, and leaves what measures it with the page. */
const lay = (page, sample) => page.evaluate(async ({ html, css }) => {
  const frame = document.querySelector('iframe');
  const loaded = new Promise((done) => { frame.addEventListener('load', done, { once: true }); });
  // The sheet is laid before the page is read, so that everything is laid out once.
  frame.srcdoc = html.replace('<head>', () => `<head><base href="${location.origin}/"><style>${css.join('\n').replace(/font-display:\s*\w+/g, 'font-display:block')} *{transition:none!important;text-rendering:geometricPrecision}</style>`);
  await loaded;
  const doc = frame.contentDocument;
  const fonts = new Set([...doc.querySelectorAll('a, h1, h2, h3, p, li, small, span, summary, button')].map((e) => { const { fontStyle, fontWeight, fontFamily } = getComputedStyle(e); return `${fontStyle} ${fontWeight} 16px ${fontFamily.split(',')[0]}`; }));
  await Promise.all([...fonts].map((font) => doc.fonts.load(font, doc.body.textContent + doc.body.textContent.toUpperCase())));
  window.laid = { frame, doc };
  window.box = (selector) => doc.querySelector(selector)?.getBoundingClientRect();
  window.tops = (list) => new Set(list.filter((e) => e.offsetWidth > 0).map((e) => Math.round(e.getBoundingClientRect().top + e.getBoundingClientRect().height / 2))).size;
  window.lines = (element) => {
    const range = doc.createRange();
    const rects = [];
    for (const walker = doc.createTreeWalker(element, NodeFilter.SHOW_TEXT); walker.nextNode();) {
      range.selectNodeContents(walker.currentNode);
      rects.push(...range.getClientRects());
    }
    return new Set(rects.filter((r) => r.width > 0).map((r) => Math.round(r.top))).size;
  };
}, sample);

const MEASURES = {
  tops: ({ widths }) => {
    const { frame, doc } = window.laid;
    const { box, tops, lines } = window;
    const words = [...doc.querySelectorAll('.menu > ul > li')];
    const header = doc.querySelector('.header');
    const at = (width) => {
      frame.style.width = `${width}px`;
      const inner = header.querySelector('.frame').getBoundingClientRect();
      const side = parseFloat(getComputedStyle(header.querySelector('.frame')).paddingRight);
      const parts = [...header.querySelectorAll('.logo, .menu, .second, .tools, .fold, .search-box, .shelf-button, .header-row .chooser')].map((e) => e.getBoundingClientRect()).filter((r) => r.width > 0);
      const lefts = (selector) => [...header.querySelectorAll(selector)].map((e) => e.getBoundingClientRect().left);
      const rights = (selector) => [...header.querySelectorAll(selector)].map((e) => e.getBoundingClientRect().right);
      return {
        header: box('.header')?.height ?? 0,
        announcement: box('.announcement')?.height ?? 0,
        utility: box('.utility')?.height ?? 0,
        isFolded: doc.querySelector('.fold').offsetWidth > 0,
        menuLines: tops(words),
        // Beyond the page's edge, out of the menu, or one over the other.
        over: parts.some((r) => r.right > inner.right - side + 1.5) || Math.max(0, ...rights('.menu > ul > li')) > Math.max(...rights('.menu')) + 1.5
          || Math.min(Infinity, ...lefts('.menu > ul > li')) < Math.min(...lefts('.menu')) - 1.5
          || parts.some((r, i) => parts.some((o, j) => i < j && Math.min(r.right, o.right) - Math.max(r.left, o.left) > 1.5 && Math.min(r.bottom, o.bottom) - Math.max(r.top, o.top) > 1.5)),
        messages: [...doc.querySelectorAll('.announcement li')].map((li) => lines(li)),
        boxes: [...header.querySelectorAll('.logo, .menu > ul > li, .second > ul > li, .tool, .shelf-button, .search-box')].filter((e) => e.offsetWidth > 0 && (!e.classList.contains('tool') || e.closest('.tools'))).map((e) => { const r = e.getBoundingClientRect(); return [Math.round(r.x * 10) / 10, Math.round(r.y * 10) / 10, Math.round(r.width * 10) / 10, Math.round(r.height * 10) / 10]; }),
      };
    };
    return widths.map(at);
  },
  arranged: ({ widths }) => {
    const { frame, doc } = window.laid;
    return widths.map((width) => {
      frame.style.width = `${width}px`;
      // Each as tall as what it shows, not as its row.
      doc.querySelector('.grid').style.alignItems = 'flex-start';
      const grid = doc.querySelector('.grid').getBoundingClientRect();
      const cards = [...doc.querySelectorAll('.grid .card')];
      const place = (r) => [r.left - grid.left, r.top - grid.top, r.width].map((n) => Math.round(n * 100) / 100);
      return {
        cards: cards.map((card) => [...place(card.getBoundingClientRect()), card.querySelector('.card-picture').getBoundingClientRect().height]),
        tall: cards.map((card) => card.getBoundingClientRect().height),
        over: doc.documentElement.scrollWidth > width,
      };
    });
  },
  products: ({ widths }) => {
    const { frame, doc } = window.laid;
    const PARTS = {
      gallery: '.product-gallery', h1: '.product-side h1', rating: '.product-side > .stars', price: '.product-price', buy: '.buy, .product-side > .message', save: '.save', words: '.said',
      facts: '.facts', delivery: '.sent', others: '[aria-labelledby=others]',
    };
    return widths.map((width) => {
      frame.style.width = `${width}px`;
      const left = doc.querySelector('.trail').getBoundingClientRect().left;
      return Object.fromEntries(Object.entries(PARTS).flatMap(([part, selector]) => {
        const element = doc.querySelector(selector);
        if (!element) return [];
        const { x, y, width: wide, height } = element.getBoundingClientRect();
        // What cannot be bought is a message and a button, one below the other.
        const end = element.matches('.message') ? element.nextElementSibling.getBoundingClientRect() : null;
        return height > 0 ? [[part, { x: x - left, y, width: end?.width ?? wide, height: end ? end.bottom - y : height }]] : [];
      }));
    });
  },
  shelves: ({ widths }) => {
    const { frame, doc } = window.laid;
    return widths.map((width) => {
      frame.style.width = `${width}px`;
      const grid = doc.querySelector('.grid');
      const cards = [...grid.querySelectorAll('.card')];
      const boxes = cards.map((card) => card.getBoundingClientRect());
      const last = boxes.filter((each) => Math.abs(each.top - boxes.at(-1).top) < 1);
      const tile = grid.querySelector('.onward')?.getBoundingClientRect();
      return {
        begins: boxes[0].top, ends: Math.max(...boxes.map((each) => each.bottom)), room: grid.getBoundingClientRect().width,
        columns: boxes.filter((each) => Math.abs(each.top - boxes[0].top) < 1).length, rows: new Set(boxes.map((each) => Math.round(each.top))).size,
        inLast: last.length, card: boxes[0].width, lastCard: last[0].width, tile: tile?.width ?? 0, tileIsBeside: tile !== undefined && Math.abs(tile.top - last[0].top) < 1,
        tall: cards.map((card) => [...card.children].reduce((sum, each) => Math.max(sum, each.getBoundingClientRect().bottom), 0) - card.getBoundingClientRect().top),
        lines: cards.map((card) => window.lines(card.querySelector('.card-name'))), over: doc.documentElement.scrollWidth > width,
      };
    });
  },
};

async function measured(page, sample) {
  await lay(page, sample);
  return page.evaluate(MEASURES[part], sample);
}

// Two at a time: one is laid out while the other is fetched.
const answer = [];
await Promise.all([0, 1].map(async (first) => {
  const page = await open();
  for (let i = first; i < samples.length; i += 2) answer[i] = await measured(page, samples[i]);
}));
await browser.close();
server.close();
process.stdout.write(JSON.stringify(answer));
