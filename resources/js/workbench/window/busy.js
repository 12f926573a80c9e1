/** While a stylesheet or a page is still on its way, the window says that it is busy. */
export function startBusy(root) {
  const underWay = new Set();

  return (what, is) => {
    if (is) underWay.add(what);
    else underWay.delete(what);
    root.setAttribute('aria-busy', String(underWay.size > 0));
  };
}
