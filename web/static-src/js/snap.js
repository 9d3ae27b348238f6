// A photo with pins: a tap says where the next one goes.
export default () => ({
  init() {
    this.$root.querySelectorAll('.pin[data-x]').forEach((pin) => this.place(pin, pin.dataset.x, pin.dataset.y));
  },
  place(pin, x, y) {
    pin.style.left = `${x / 10}%`;
    pin.style.top = `${y / 10}%`;
  },
  set(event) {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [[event.clientX - box.left, box.width], [event.clientY - box.top, box.height]].map(([at, of]) => Math.min(1000, Math.max(0, Math.round((1000 * at) / of))));
    const form = this.$refs.form;
    form.hidden = false;
    form.querySelector('[name="x"]').value = x;
    form.querySelector('[name="y"]').value = y;
    this.$refs.fresh.hidden = false;
    this.place(this.$refs.fresh, x, y);
    form.querySelector('[name="mark"]').focus({ preventScroll: true });
  },
  fill(event) { this.$dispatch('fill-field', { ...event.currentTarget.dataset }); },
});
