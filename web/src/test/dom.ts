import { configure } from '@testing-library/dom';

// There are no style sheets in the tests: how an element is shown follows from its kind and its own attributes. Worked out anew
// for every element at every question, as the document of the tests does, it takes a third of a test's time.
configure({ defaultHidden: true });
if (typeof window !== 'undefined') {
  const worked = window.getComputedStyle.bind(window);
  const byKind = new Map<string, CSSStyleDeclaration>();
  window.getComputedStyle = (element, pseudo) => {
    if (pseudo || element.hasAttribute('style') || element.hasAttribute('hidden')) return worked(element, pseudo);
    const known = byKind.get(element.tagName);
    if (known) return known;
    const style = worked(element);
    byKind.set(element.tagName, style);
    return style;
  };
}
