// The window follows the work: what is opened on the bench comes into sight there, and is marked for a moment.
export function startFollowing(shopWindow) {
  const shown = () => document.querySelector('#state').dataset.shows ?? '';
  let followed = '';

  const follow = () => {
    const place = shown();
    if (place === followed) return;
    followed = place;
    if (place !== '') shopWindow.bring(JSON.parse(place));
  };
  document.body.addEventListener('htmx:afterSettle', follow);
  follow();
}
