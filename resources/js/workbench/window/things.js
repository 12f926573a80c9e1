/** The things of a page: what has a name of its own, or is a part of the shop. */

/**
 * @param names { selector: name } of Catalog\Things, in the order in which they are tried
 * @param partNames () => { part: name }
 */
export function namesOf(names, partNames) {
  const list = Object.entries(names);
  const any = `${list.map(([selector]) => selector).join()}, [data-part]:not(body)`;
  const partOf = (element) => element.closest('[data-part]')?.dataset.part ?? '';

  /** A link that is all a heading says is the heading. */
  const isAllOf = (thing, outer) => outer?.matches(any) && !('part' in outer.dataset) && outer.textContent.trim() !== '' && outer.textContent.trim() === thing.textContent.trim();

  /** The thing an element belongs to: itself, or the nearest around it. */
  function thingAt(element) {
    let thing = element?.closest?.(any) ?? null;
    while (thing && !('part' in thing.dataset) && isAllOf(thing, thing.parentElement)) thing = thing.parentElement;
    return thing;
  }

  return {
    thingAt,
    thingsIn: (element) => [...element.querySelectorAll(any)].filter((each) => thingAt(each) === each),
    partOf,
    nameOf(thing) {
      const own = list.find(([selector]) => thing.matches(selector))?.[1];
      if (own && !('part' in thing.dataset)) return own === 'Icon' ? thing.getAttribute('aria-label') || own : own;
      return partNames()[partOf(thing)] ?? own ?? 'This part';
    },
  };
}

/** The thing around another one, in the same page; null for the outermost. */
export const around = (thing, thingAt) => thingAt(thing.parentElement);

/** The things right inside another one, those that can be seen. */
export function inside(thing, { thingsIn, thingAt }) {
  return thingsIn(thing).filter((each) => thingAt(each.parentElement) === thing && isSeen(each));
}

export const isSeen = (element) => element.getClientRects().length > 0 && element.ownerDocument.defaultView.getComputedStyle(element).visibility !== 'hidden';

/**
 * Where an arrow key leads from a thing: up to what is around it, down into it, left and right to its neighbors.
 *
 * @return ?Element null where nothing is that way
 */
export function neighbor(thing, key, finder) {
  const outer = around(thing, finder.thingAt);
  if (key === 'ArrowUp') return outer;
  if (key === 'ArrowDown') return inside(thing, finder)[0] ?? null;
  const siblings = inside(outer ?? thing.ownerDocument.body, finder);
  return siblings[siblings.indexOf(thing) + (key === 'ArrowRight' ? 1 : -1)] ?? null;
}
