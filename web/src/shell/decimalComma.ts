import { withDecimalComma } from '@stoichos/core/report/dayReport';

/** What stays as it is: what is typed, codes, and text for other programs. */
const verbatim = 'textarea, input, code, pre, kbd, script, style, [data-verbatim]';

/**
 * Writes every decimal point on the screen as a comma, now and as the page changes. Numbers come in hundreds of sentences from the core,
 * which knows one way of writing them; a school’s own way is set here, in one place.
 *
 * @returns a function that ends it and puts the points back.
 */
export function writeDecimalCommas(root: HTMLElement): () => void {
  const points = new Map<Text, { readonly comma: string; readonly point: string }>();
  const set = (text: Text): void => {
    const point = text.nodeValue ?? '';
    const comma = withDecimalComma(point);
    if (comma === point || text.parentElement?.closest(verbatim)) return;
    points.set(text, { comma, point });
    text.nodeValue = comma;
  };
  const setAll = (node: Node): void => {
    if (node instanceof Text) set(node);
    else {
      const walker = document.createTreeWalker(node, NodeFilter.SHOW_TEXT);
      while (walker.nextNode()) if (walker.currentNode instanceof Text) set(walker.currentNode);
    }
  };
  setAll(root);
  const observer = new MutationObserver((changes) => {
    for (const { type, target, addedNodes, removedNodes } of changes) {
      if (type === 'characterData') setAll(target);
      for (const node of addedNodes) setAll(node);
      for (const node of removedNodes) if (node instanceof Text) points.delete(node);
    }
  });
  observer.observe(root, { subtree: true, childList: true, characterData: true });
  return () => {
    observer.disconnect();
    for (const [text, { comma, point }] of points)
      if (text.nodeValue === comma) text.nodeValue = point;
  };
}
