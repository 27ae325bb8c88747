/**
 * Scrolls something into sight. Nothing comes back: newer browsers give a promise, and an effect would take that for
 * its undoing.
 */
export function inSight(
  of: Element | null | undefined,
  block: ScrollLogicalPosition = 'nearest',
  inline: ScrollLogicalPosition = 'nearest',
) {
  of?.scrollIntoView({ block, inline });
}
