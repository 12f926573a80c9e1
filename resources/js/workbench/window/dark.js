import { sheetsOf } from './look-sheet.js';

// Dark surroundings are the device's to ask for; the window and the samples show either, whatever this device asks.
export function startDark(button, documents) {
  let isDark = false;

  function apply(doc) {
    for (const rule of sheetsOf(doc).flatMap((link) => [...(link.sheet?.cssRules ?? [])])) {
      if (rule instanceof doc.defaultView.CSSMediaRule && (rule.ikatDark ??= rule.conditionText.includes('prefers-color-scheme'))) rule.media.mediaText = isDark ? 'all' : 'not all';
    }
    for (const source of doc.querySelectorAll('source[media*="prefers-color-scheme"], source[data-dark]')) {
      source.dataset.dark = 'yes';
      source.media = isDark ? 'all' : 'not all';
    }
  }

  function wear(on) {
    isDark = on;
    button.setAttribute('aria-pressed', String(on));
    documents().forEach(apply);
  }

  apply(document);
  return { apply, wear, isDark: () => isDark };
}
