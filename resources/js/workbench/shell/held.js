/**
 * What a write says the bench has: each section with its digest, but for those somebody has done something in since they came,
 * which may show what the server does not know of.
 *
 * @param sections [{ id, digest, isTouched }]
 */
export const heldIn = (sections) => sections.filter(({ digest, isTouched }) => digest && !isTouched).map(({ id, digest }) => `${id}:${digest}`).join(' ');
