/** The offset in the source text of a point in the page, if it lies in the source's text. */
function offset(body: HTMLElement, node: Node | null, at: number): number | null {
  if (!node || !body.contains(node)) {
    return null;
  }
  const holder = node instanceof Element ? node : node.parentElement?.closest("[data-start]");
  const start = holder?.getAttribute("data-start");
  if (holder && start !== null && start !== undefined && !(node instanceof Element)) {
    return Number(start) + at;
  }
  const element = node as Element;
  const child = element.childNodes[at] ?? element.childNodes[element.childNodes.length - 1];
  const next = (child instanceof Element ? child : element).querySelector?.("[data-start]");
  const own = child instanceof Element ? child.getAttribute("data-start") : null;
  const found = own ?? next?.getAttribute("data-start");
  return found === null || found === undefined ? null : Number(found);
}

/** The span of the source text that is selected in its page, without blanks at its ends. */
export function selectedSpan(
  body: HTMLElement,
  text: string,
): { start: number; end: number } | null {
  const selection = window.getSelection();
  if (!selection || selection.isCollapsed) {
    return null;
  }
  const anchor = offset(body, selection.anchorNode, selection.anchorOffset);
  const focus = offset(body, selection.focusNode, selection.focusOffset);
  if (anchor === null || focus === null) {
    return null;
  }
  let start = Math.min(anchor, focus);
  let end = Math.max(anchor, focus);
  while (start < end && /\s/.test(text.charAt(start))) {
    start++;
  }
  while (end > start && /\s/.test(text.charAt(end - 1))) {
    end--;
  }
  return end > start ? { start, end } : null;
}
