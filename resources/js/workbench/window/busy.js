/** While a stylesheet or a page is still on its way, the window says that it is busy. */
export function startBusy(root) {
  const underWay = new Set();
  let waiting = [];

  return {
    busy(what, is) {
      if (is) underWay.add(what);
      else underWay.delete(what);
      root.setAttribute('aria-busy', String(underWay.size > 0));
      if (underWay.size > 0) return;
      waiting.forEach((done) => done());
      waiting = [];
    },
    /** Once nothing is on its way any more. */
    idle: () => (underWay.size === 0 ? Promise.resolve() : new Promise((done) => { waiting.push(done); })),
  };
}
