// The handle and the drawings it moves.
import { isPlain } from './keys.js';

const POSITIONS = ['forward', 'off', 'reverse'];

export default () => ({
  at: 'forward',
  init() {
    const kept = new URLSearchParams(location.search).get('at');
    this.throwTo(POSITIONS.includes(kept) ? kept : this.$root.dataset.at);
  },
  throwTo(position) {
    this.at = position;
    this.$root.querySelectorAll('svg.bench').forEach((svg) => { svg.dataset.at = position; });
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
