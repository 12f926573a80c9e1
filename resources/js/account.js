// The square an authenticator is pointed at. The letters beside it say the same, so the page works without it.
import { create } from 'qrcode';

const place = document.querySelector('[data-otpauth]');
if (place) {
  const { modules } = create(place.dataset.otpauth, { errorCorrectionLevel: 'M' });
  const quiet = 4; // modules of white around it: ISO/IEC 18004, 6.3.8
  const side = modules.size + 2 * quiet;
  let path = '';
  for (let y = 0; y < modules.size; y++) for (let x = 0; x < modules.size; x++) if (modules.get(y, x)) path += `M${x + quiet} ${y + quiet}h1v1h-1z`;
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  svg.setAttribute('viewBox', `0 0 ${side} ${side}`);
  svg.setAttribute('shape-rendering', 'crispEdges');
  for (const [name, attributes] of [['rect', { width: side, height: side, fill: '#fff' }], ['path', { d: path, fill: '#000' }]]) {
    const part = document.createElementNS(svg.namespaceURI, name);
    for (const [key, value] of Object.entries(attributes)) part.setAttribute(key, value);
    svg.append(part);
  }
  place.append(svg);
}
