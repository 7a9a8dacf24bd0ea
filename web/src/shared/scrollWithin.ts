/** Room left above and below what is scrolled into sight. */
const MARGIN_PX = 24

/**
 * Scrolls `pane`, and nothing around it, until `element` is in sight: to the middle where it was out of sight, not at all
 * where it is well in sight already.
 */
export function scrollWithin(pane: HTMLElement, element: HTMLElement): void {
  const sight = pane.getBoundingClientRect()
  const place = element.getBoundingClientRect()
  const above = place.top < sight.top + MARGIN_PX
  const below = place.bottom > sight.bottom - MARGIN_PX
  if (above || below) {
    pane.scrollTop += place.top - sight.top - Math.max(0, (sight.height - place.height) / 2)
  }
}
