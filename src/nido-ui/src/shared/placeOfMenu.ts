/** Width of a menu, as `w-64` draws it, px. */
const menuWidth = 256;
/** Height at which a menu of a few lines is whole, px. */
const menuHeight = 240;
/** What stays free beside a menu, px. */
const edge = 8;

/** Where a menu lies to be whole on the page: upwards where there is little room below its button and more above, and how
 *  far aside of the button's left, px. */
export function placeOfMenu(
  button: { left: number; top: number; bottom: number },
  pageWidth: number,
  pageHeight: number,
): { up: boolean; aside: number } {
  const left = Math.max(Math.min(button.left, pageWidth - menuWidth - edge), Math.min(edge, button.left));
  const below = pageHeight - button.bottom;
  return { up: below < menuHeight && button.top > below, aside: left - button.left };
}
