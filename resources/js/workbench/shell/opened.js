/**
 * Sets a tool of the bench up when it comes to stand there, and again when it stands for something else.
 *
 * @param selector of the tool's root
 * @param nameOf what a root stands for, as text
 */
export function whenOpened(selector, nameOf, open) {
  const setUp = () => {
    const root = document.querySelector(selector);
    if (root && root.dataset.ready !== nameOf(root)) {
      root.dataset.ready = nameOf(root);
      open(root);
    }
  };
  document.body.addEventListener('htmx:afterSettle', setUp);
  setUp();
}
