// Words that say nothing of what is looked for.
const SMALL = new Set(['a', 'an', 'and', 'are', 'big', 'do', 'for', 'how', 'i', 'in', 'is', 'it', 'my', 'of', 'on', 'or', 'the', 'to', 'what', 'which', 'with']);

const wordsOf = (typed) => {
  const all = typed.toLowerCase().split(/[\s?!]+/).filter(Boolean);
  const telling = all.filter((word) => !SMALL.has(word));
  return (telling.length > 0 ? telling : all).map((word) => (word.length > 3 ? word.replace(/s$/, '') : word));
};

// On a phone the shelves of the library begin folded.
const NARROW = '(max-width: 42rem)';

const foldShelves = () => {
  if (window.matchMedia(NARROW).matches && !location.hash) document.querySelectorAll('details[data-shop]').forEach((shelf) => { shelf.open = false; });
};

// Finding a machine among many: what does not have every word typed is hidden at once, without asking the server.
export default () => ({
  init() {
    if (!this.$root.classList.contains('library')) return;
    if (!this.$refs.q.value) foldShelves();
    this.find();
  },
  find() {
    const words = wordsOf(this.$refs.q.value);
    let shown = 0;
    this.$root.querySelectorAll('[data-found]').forEach((stall) => {
      stall.hidden = !words.every((word) => stall.dataset.found.includes(word));
      shown += stall.hidden ? 0 : 1;
    });
    this.$root.querySelectorAll('[data-shop]').forEach((shop) => {
      if (words.length > 0 && 'open' in shop) shop.open = true;
      shop.hidden = words.length > 0 && !shop.querySelector('[data-found]:not([hidden])');
    });
    if (this.$refs.lately) this.$refs.lately.hidden = words.length > 0;
    this.$refs.none.hidden = shown > 0;
  },
});
