// The reading pad: two leads tapped on the ring, a number pad; the two lists and the field stay the truth.
import { isPlain } from './keys.js';

export default () => ({
  turn: 0,
  init() { this.draw(); },
  list(id) { return this.$root.querySelector(`#${id}`); },
  tap(event) {
    const name = event.currentTarget.dataset.node;
    const [a, b] = [this.list('a'), this.list('b')];
    if (this.turn === 0) {
      a.value = name;
      if (b.value === name) b.value = 'frame' === name ? a.options[0].value : 'frame';
      this.turn = 1;
    } else {
      if (a.value === name) return;
      b.value = name;
      this.turn = 0;
      this.list('ohms').focus({ preventScroll: true });
    }
    this.draw();
  },
  draw() {
    if (!this.list('a')) return;
    const chosen = [this.list('a').value, this.list('b').value];
    this.$root.querySelectorAll('[data-node]').forEach((n) => n.classList.toggle('probed', chosen.includes(n.dataset.node)));
  },
  press(event) {
    const field = this.list('ohms');
    const key = event.currentTarget.value;
    if (key === '⌫') field.value = field.value.slice(0, -1);
    else if (key === 'OL') field.value = 'OL';
    else field.value = (field.value === 'OL' ? '' : field.value) + key;
  },
  key(event) {
    if (!isPlain(event)) return;
    const field = this.list('ohms');
    if (field && /^[0-9.,]$/.test(event.key)) { field.focus(); field.value += event.key; event.preventDefault(); }
    if (event.key.toLowerCase() === 'm') { this.$root.querySelector('[data-key="m"]')?.click(); event.preventDefault(); }
  },
});
