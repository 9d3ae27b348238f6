// The practice yard: points are pressed on the picture instead of chosen from a list.
import handle from './handle.js';

export default () => ({
  ...handle(),
  next: 'one',
  init() {
    handle().init.call(this);
    const { look } = this.$root.querySelector('.scene')?.dataset ?? {};
    (look ?? '').split(' ').filter(Boolean).forEach((id) => {
      this.$root.querySelectorAll(`[data-terminal="${CSS.escape(id)}"]`).forEach((t) => t.classList.add('is-picked'));
    });
    this.show();
  },
  // the first press is the one end, the second the other
  point(event) {
    const mark = event.target.closest('.scene [data-terminal]');
    const field = this.$refs[this.next] ?? this.$refs.one;
    if (!mark || !field) return;
    field.value = mark.dataset.terminal;
    this.next = this.next === 'one' && this.$refs.other ? 'other' : 'one';
    this.show();
  },
  show() {
    if (!this.$refs.one) return;
    const picked = [this.$refs.one.value, this.$refs.other?.value];
    this.$root.querySelectorAll('.scene [data-terminal]').forEach((t) => t.classList.toggle('is-picked', picked.includes(t.dataset.terminal)));
  },
});
