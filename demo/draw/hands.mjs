import { blurred, linear } from './light.mjs';
import { n } from './random.mjs';

/** Hands at work. Each draws itself with what it holds at (x, y), in a size s (the length of a hand), its arm coming from where turn points: 0 from the right. */

const SKINS = [['#dba27c', '#c58a64', '#8f5a3c', '#f1cdb0'], ['#9a6746', '#845537', '#54321f', '#c99a78']];
const SLEEVES = [['#3c3b7f', '#2b2a63'], ['#a5533a', '#83402b']];

// Fingers as they lie around what is held at 0, 0: from the knuckle over the middle joint to the tip, and how thick; in lengths of a hand.
const POSES = {
  pinch: {
    behind: [[[0.74, 0.2], [0.52, 0.24], [0.44, 0.36], 0.13], [[0.68, 0.1], [0.42, 0.1], [0.3, 0.27], 0.14], [[0.62, 0], [0.34, -0.06], [0.14, 0.16], 0.15]],
    front: [[[0.6, -0.08], [0.3, -0.3], [0.02, -0.02], 0.15], [[0.78, 0.26], [0.4, 0.34], [0.05, 0.08], 0.16]],
  },
  press: {
    behind: [],
    front: [[[0.7, 0.22], [0.4, 0.3], [0.16, 0.3], 0.13], [[0.62, 0.12], [0.34, 0.14], [0.02, 0.15], 0.145], [[0.6, 0], [0.3, -0.02], [-0.04, 0], 0.15], [[0.62, -0.12], [0.36, -0.16], [0.06, -0.16], 0.145], [[0.84, -0.16], [0.66, -0.38], [0.42, -0.42], 0.155]],
  },
};

const bent = ([from, over, to]) => `M${n(from[0] * 100)} ${n(from[1] * 100)}Q${n(over[0] * 100)} ${n(over[1] * 100)} ${n(to[0] * 100)} ${n(to[1] * 100)}`;

const stroke = (d, color, width, opacity = 1) => `<path d="${d}" stroke="${color}" stroke-width="${n(width)}"${opacity < 1 ? ` stroke-opacity="${opacity}"` : ''}/>`;

function nail([, over, to, thickness], light) {
  const turn = Math.atan2(to[1] - over[1], to[0] - over[0]);
  const [x, y] = [to[0] * 100 + Math.cos(turn) * thickness * 20, to[1] * 100 + Math.sin(turn) * thickness * 20];
  return `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(thickness * 26)}" ry="${n(thickness * 21)}" transform="rotate(${n((turn * 180) / Math.PI)} ${n(x)} ${n(y)})" fill="${light}" opacity=".7"/>`;
}

/** Fingers that grow out of one another and of the palm: the line goes around all of them, not around each. */
function grown(fingers, palm, [base, shade, line, light], isBehind) {
  const lines = fingers.map(bent);
  const thick = fingers.map((each) => each[3] * 100);
  const fill = isBehind ? shade : base;
  const around = lines.map((d, i) => stroke(d, line, thick[i] + 3)).join('') + (palm === '' ? '' : `<path d="${palm}" fill="${fill}" stroke="${line}" stroke-width="3"/>`);
  // What lies nearer throws a narrow shade on what it lies on.
  const filled = lines.map((d, i) => stroke(d, shade, thick[i] + 1.2, 0.7) + stroke(d, fill, thick[i])).join('') + (palm === '' ? '' : `<path d="${palm}" fill="${fill}"/>`);
  const lit = isBehind ? '' : lines.map((d, i) => `<g transform="translate(0 ${n(-thick[i] * 0.2)})">${stroke(d, light, thick[i] * 0.22, 0.28)}</g>`).join('');
  return around + filled + lit + fingers.map((each) => nail(each, light)).join('');
}

/** @param {{turn?: number, mirrored?: boolean, pose?: 'pinch' | 'press', who?: 0 | 1}} how */
export function hand(x, y, s, { turn = 0, mirrored = false, pose = 'pinch', who = 0 } = {}) {
  const skin = SKINS[who];
  const { behind, front } = POSES[pose];
  const sleeve = linear([[0, SLEEVES[who][0]], [1, SLEEVES[who][1]]], 'x1="0" y1="0" x2="0" y2="1"');
  const palm = 'M58 -16C70 -24 92 -22 108 -14L150 -16V26L110 24C96 36 74 38 66 28C58 18 54 0 58 -16z';
  const arm = 'M138 -25Q150 -29 420 -44V56Q150 36 138 33Q132 4 138 -25z';
  const drawn = `<g fill="none" stroke-linecap="round" stroke-linejoin="round">${grown(behind, '', skin, true)}${grown(front, palm, skin, false)}${stroke('M84 22Q98 16 112 2', skin[2], 1.4, 0.35)}</g><path d="${arm}" fill="${sleeve.fill}"/><path d="M138 -25Q132 4 138 33l8 1Q140 4 146 -26z" fill="#ffffff" fill-opacity=".22"/>`;
  const place = `translate(${n(x)} ${n(y)}) rotate(${n(turn)}) scale(${(s / 100).toFixed(3)} ${((mirrored ? -s : s) / 100).toFixed(3)})`;

  return `${sleeve.def}${blurred(s * 0.05, `<path transform="translate(${n(s * 0.03)} ${n(s * 0.09)}) ${place}" d="${palm}${arm}" fill="#1d1009" opacity=".34"/>`)}<g transform="${place}">${drawn}</g>`;
}
