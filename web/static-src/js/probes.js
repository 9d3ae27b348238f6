// The face of a switch: two taps choose where the probes are held.
import { isPlain } from './keys.js';

export default () => ({
  turn: 0,
  init() { this.draw(); },
  list(id) { return this.$root.querySelector(`#${id}`); },
  tap(event) {
    const name = event.currentTarget.dataset.node;
    const [a, b] = [this.list('a'), this.list('b')];
    if (this.turn === 0) {
      if (b.value === name) b.value = a.value;
      a.value = name;
      this.turn = 1;
    } else if (a.value !== name) {
      b.value = name;
      this.turn = 0;
    }
    this.draw();
  },
  draw() {
    const chosen = [this.list('a').value, this.list('b').value];
    this.$root.querySelectorAll('[data-node]').forEach((n) => n.classList.toggle('probed', chosen.includes(n.dataset.node)));
  },
  key(event) {
    if (!isPlain(event)) return;
    const button = this.$root.querySelector(`button[data-key="${CSS.escape(event.key.toLowerCase())}"]`);
    if (button) { button.click(); event.preventDefault(); }
  },
});
