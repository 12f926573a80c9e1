/** Devices of the shop window: their screens in CSS px, and how frames of them stand beside one another. */
export const DEVICES = { phone: [390, 844], tablet: [768, 1024], desktop: [1280, 800], large: [1440, 900], widest: [1920, 1080] };

/** A screen of a width of its own: w1100. */
const OWN = /^w(\d{3,4})$/;

/** Px up to which a screen of its own is a phone's and a tablet's, as the shop's stylesheets have them. */
const WIDEST = { phone: 759, tablet: 1023 };

/** Whether that is a screen the window can show. */
export const isDevice = (device) => device in DEVICES || OWN.test(device);

/** The device of a screen of that width: a known one, or one of its own. */
export const deviceOf = (width) => Object.keys(DEVICES).find((device) => DEVICES[device][0] === width) ?? `w${width}`;

/** What kind of device a screen is of: phone, tablet or desktop. */
function kindOf(device) {
  const width = Number(OWN.exec(device)?.[1] ?? DEVICES[device]?.[0]);
  return Object.keys(WIDEST).find((kind) => width <= WIDEST[kind]) ?? 'desktop';
}

/** Dots of a hand-held device to a CSS px: common practice, no source. A desktop has what the merchant's own screen has. */
export const densityOf = (device) => ({ phone: 3, tablet: 2 })[kindOf(device)];

/** Whether a device is held in the hand: its whole screen is shown, and its scroll bars lie over the page. */
export const isHandHeld = (device) => kindOf(device) !== 'desktop';

/** The pages shown beside one another, in the order a customer comes to them. */
export const FIVE_PAGES = ['home', 'category', 'product', 'cart', 'checkout'];

/** Px of the window: free at its edges, between frames, under the seam's slider, over frames with a caption. */
export const ROOM = { edge: 25, below: 14, gap: 22, seam: 30, top: 4, caption: 22 };

/** Width and height of a device's screen, upright or turned. */
export function screenOf(device, isTurned) {
  const screen = DEVICES[device] ?? [Number(OWN.exec(device)[1]), DEVICES[kindOf(device)][1]];
  return isTurned ? [...screen].reverse() : [...screen];
}

/**
 * The frames a view is made of.
 *
 * @param state { view: one|devices|pages|bases|then, device, isTurned, page, compared: [{ trial, caption }], points?: { then, now: { trial, words } } of the journal }
 * @param titleOf (page) => what it is called
 * @return [{ device, page, caption?, trial?, words?, isLive? }]; what is live, or was, is only looked at
 */
export function framesOf(state, titleOf) {
  const { view, device, page } = state;
  if (view === 'devices') return ['desktop', 'tablet', 'phone'].map((each) => ({ device: each, page, caption: `${each} ${screenOf(each, state.isTurned)[0]}` }));
  if (view === 'pages') return FIVE_PAGES.map((each) => ({ device, page: each, caption: titleOf(each) }));
  if (view === 'bases') return state.compared.map((base) => ({ device, page, ...base }));
  if (view === 'then') {
    const { then, now } = state.points ?? { then: { words: 'then: live' }, now: { words: 'now: your draft' } };
    return [{ device, page, isLive: true, trial: then.trial, words: then.words }, { device, page, trial: now.trial, words: now.words }];
  }
  return [{ device, page }];
}

/**
 * Where frames stand in a window of that size, and at what scale.
 *
 * @param frames [{ device }]
 * @param room { width, height, isTurned, isSeamed } of the window in px; with a seam the frames lie upon one another
 * @return ?{ scale, boxes: [{ x, y, width, height, screen }] }; null where there is no room at all
 */
export function layOut(frames, { width, height, isTurned, isSeamed }) {
  const across = width - 2 * ROOM.edge;
  const down = height - ROOM.below - (isSeamed ? ROOM.seam : 0);
  if (across <= 0 || down <= 0) return null;
  const screens = frames.map(({ device }) => screenOf(device, isTurned));

  if (frames.length === 1 || isSeamed) {
    const [w, h] = screens[0];
    const isHeld = isHandHeld(frames[0].device);
    const isRoomy = !isHeld && !isTurned;
    // A desktop's page may end below the window; of a hand-held device the whole screen is shown, however small.
    const scale = isRoomy ? Math.min(1, across / w) : Math.min(1, across / w, isHeld ? down / h : Math.max(down / h, 0.4));
    const box = { x: ROOM.edge + (across - w * scale) / 2, y: ROOM.top, width: w * scale, height: isRoomy ? down : Math.min(down, h * scale), screen: w };
    return { scale, boxes: frames.map(() => box) };
  }

  const { scale, rows } = inRows(screens, across, down);
  const high = down / rows.length - ROOM.caption;
  const boxes = [];
  rows.forEach((row, r) => {
    let x = ROOM.edge;
    for (const [w, h] of row) {
      boxes.push({ x, y: ROOM.caption + r * (high + ROOM.caption), width: w * scale, height: Math.min(high, Math.max(h * scale, high * 0.8)), screen: w });
      x += w * scale + ROOM.gap;
    }
  });
  return { scale, boxes };
}

/** So many frames stand best beside one another: they are compared. */
const FEW = 3;

/**
 * Frames in one row or in several, whichever lets them be larger; in several rows a whole screen of each is seen.
 *
 * @param screens [[width, height]]
 * @return { scale, rows: [[[width, height]]] }
 */
export function inRows(screens, across, down) {
  let best = null;
  for (let count = 1; count <= (screens.length > FEW ? screens.length : 1); count += 1) {
    const long = Math.ceil(screens.length / count);
    const rows = Array.from({ length: Math.ceil(screens.length / long) }, (_, r) => screens.slice(r * long, (r + 1) * long));
    const wide = rows.map((row) => (across - ROOM.gap * (row.length - 1)) / row.reduce((sum, [w]) => sum + w, 0));
    const high = count === 1 ? [] : screens.map(([, h]) => (down / rows.length - ROOM.caption) / h);
    const scale = Math.min(1, ...wide, ...high);
    if (!best || scale > best.scale) best = { scale, rows };
  }
  return best;
}
