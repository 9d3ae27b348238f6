// Points on a drawing, picked one after the other by mouse, finger or the marks that are typed. Whoever has them says what two of them make.
export default {
  typed: '',
  picked: '',
  wire: null,
  label(id) {
    const point = this.$root.querySelector(`#points option[value="${CSS.escape(id)}"]`);
    return point ? point.dataset.label : id;
  },
  // a point by what is typed: of several that are marked so, one that is not in hand and has the fewest wires; leads come first
  point(mark) {
    const low = mark.toLowerCase();
    const all = [...this.$root.querySelectorAll('#points option')];
    const whole = all.find((p) => p.value.toLowerCase() === low);
    const found = whole ? [whole] : all.filter((p) => p.dataset.label.toLowerCase() === low);
    const wires = (id) => this.$root.querySelectorAll(`.laid [data-one="${CSS.escape(id)}"], .laid [data-other="${CSS.escape(id)}"]`).length;
    const free = found.length > 1 ? found.filter((p) => p.value !== this.picked) : found;
    return free.map((p) => p.value).sort((x, y) => wires(x) - wires(y))[0] ?? '';
  },
  show() {
    this.$root.querySelectorAll('[data-terminal]').forEach((t) => t.classList.toggle('is-picked', t.dataset.terminal === this.picked));
    this.$root.querySelectorAll('[data-ends]').forEach((w) => w.classList.toggle('is-chosen', this.wire !== null && w.dataset.ends === `${this.wire.one}>${this.wire.other}`));
    if (this.typed) this.title = `${this.picked ? `${this.label(this.picked)} to ` : ''}${this.typed.toUpperCase()}…`;
    else if (this.picked) this.title = `${this.label(this.picked)} to …`;
    else if (this.wire) this.title = `${this.label(this.wire.one)} to ${this.label(this.wire.other)}`;
    else this.title = this.idle;
  },
  clear() { this.typed = ''; this.picked = ''; this.wire = null; this.show(); },
  pick(id) {
    this.wire = null;
    if (!this.picked || this.picked === id) {
      this.picked = this.picked === id ? '' : id;
      if (this.picked) this.said = `${this.label(id)}. Now the other point.`;
      this.show();
      return;
    }
    const one = this.picked;
    this.picked = '';
    if (this.metering) this.probe(one, id); else this.join(one, id);
  },
};
