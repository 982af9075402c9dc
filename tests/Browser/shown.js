// What a page in the made-up language shows that it should not: arguments are the words of the data, and a callback.
// Every sentence of the catalogues is written with other letters, so plain ones are data or were never looked up. Two
// letters may be somebody's initials.
const [data, done] = [arguments[0], arguments[arguments.length - 1]];
const addresses = /\S+@\S+|\S+\.[a-z]+\/\S*|https?:\S+|\/\S*|\b\d\S*/g;
const words = (text) => text.replace(addresses, ' ').match(/[A-Za-z]{3,}/g) ?? [];
const known = new Set(data.flatMap(words).map((word) => word.toLowerCase()));
const isPlain = (text) => words(text).some((word) => !known.has(word.toLowerCase()));

const hides = (element) => {
  const style = getComputedStyle(element);
  return style.visibility === 'hidden' || element.closest('.sr-only, [hidden], script, style, .tag') !== null;
};
const clips = (element) => {
  const { overflowX } = getComputedStyle(element);
  return overflowX === 'hidden' || overflowX === 'clip';
};

const plain = new Set();
const cut = new Set();
const labels = ['aria-label', 'title', 'placeholder', 'alt', 'aria-valuetext'];
for (const element of document.body.querySelectorAll('*')) {
  if (element.closest('script, style') !== null) continue;
  for (const name of labels) {
    const said = element.getAttribute(name);
    if (said !== null && isPlain(said)) plain.add(`${name}: ${said}`);
  }
}
const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
while (walk.nextNode()) {
  const text = walk.currentNode.textContent.trim();
  const element = walk.currentNode.parentElement;
  if (text === '' || element.closest('script, style, noscript') !== null) continue;
  if (isPlain(text)) plain.add(text);
  if (hides(element)) continue;
  const range = document.createRange();
  range.selectNodeContents(walk.currentNode);
  const box = range.getBoundingClientRect();
  if (box.width === 0 || !/[^\x00-\x7f]/.test(text)) continue;
  for (let around = element; around !== document.body; around = around.parentElement) {
    const edge = around.getBoundingClientRect();
    if (clips(around) && (box.left < edge.left - 1 || box.right > edge.right + 1)) {
      cut.add(`${text} in ${around.className}`);
    }
    if (['auto', 'scroll'].includes(getComputedStyle(around).overflowX)) break; // can be brought into sight
  }
}
if (document.scrollingElement.scrollWidth > innerWidth + 1) {
  cut.add(`the page is ${document.scrollingElement.scrollWidth} px wide`);
}
done([[...plain], [...cut]]);
