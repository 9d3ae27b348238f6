// The handle and the drawings it moves.
import { isPlain } from './keys.js';

// what a part looks like in a setting stands beside it: "forward: is-run; off: is-idle is-hot"
const looks = (part) => new Map(part.dataset.in.split('; ').map((look) => look.split(': ')));

const dress = (part, setting) => {
  part.classList.remove(...[...part.classList].filter((name) => name.startsWith('is-')));
  part.classList.add(...(looks(part).get(setting) ?? 'is-idle').split(' '));
};

export default () => ({
  at: 'forward',
  init() {
    const kept = new URLSearchParams(location.search).get('at');
    const there = kept && this.$root.querySelector(`.handle [value="${CSS.escape(kept)}"]`);
    this.throwTo(there ? kept : this.$root.dataset.at);
  },
  throwTo(position) {
    this.at = position;
    this.$root.querySelectorAll('svg.bench').forEach((svg) => { svg.dataset.at = position; });
    this.$root.querySelectorAll('[data-in]').forEach((part) => dress(part, position));
    this.$root.querySelectorAll('.handle button').forEach((b) => {
      b.setAttribute('aria-pressed', String(b.value === position));
    });
    this.$root.querySelectorAll('[data-only-at]').forEach((part) => { part.hidden = !part.dataset.onlyAt.split(' ').includes(position); });
  },
  press(event) { this.throwTo(event.currentTarget.value); },
  key(event) {
    if (!isPlain(event)) return;
    const to = { f: 'forward', o: 'off', r: 'reverse' }[event.key.toLowerCase()];
    if (to && this.$root.querySelector(`.handle [value="${to}"]`)) { this.throwTo(to); event.preventDefault(); }
  },
});
