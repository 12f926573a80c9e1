/** The look's stylesheets of a document: the one it wears, and any newer ones that are on their way, the newest last. */
export const sheetsOf = (doc) => [...doc.querySelectorAll('link[rel="stylesheet"]')].filter((link) => /\/look-[0-9a-f]+\.css$/.test(link.getAttribute('href')));

export const sheetOf = (doc) => sheetsOf(doc).at(-1);

/** Lets a document wear another stylesheet of the look; done when it does, or when a still newer one has taken its place. */
export function swapSheet(doc, sheet) {
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
