// Custom properties that are only shown, while a control is moved: in every frame and on the bench's own samples.
export function startLiveValues(documents) {
  const shown = new Map();

  return {
    show(property, value) {
      shown.set(property, value);
      documents().forEach((doc) => doc.documentElement.style.setProperty(property, value));
    },
    /** A page that comes later shows them, too. */
    apply(doc) {
      for (const [property, value] of shown) doc.documentElement.style.setProperty(property, value);
    },
    forget() {
      for (const property of shown.keys()) documents().forEach((doc) => doc.documentElement.style.removeProperty(property));
      shown.clear();
    },
  };
}
