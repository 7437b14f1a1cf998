/** Moves the focus to what has this id, once it is drawn. */
export const focusOn = (id: string) => void requestAnimationFrame(() => document.getElementById(id)?.focus());
