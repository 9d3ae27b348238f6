// What is typed outlives a reload or a dead battery until the server has it.
export default () => ({
  restored: false,
  name: '',
  init() {
    // by where the form goes: a page that complains of something else has another address
    this.name = `gatepin:${new URL(this.$root.action).pathname}`;
    if (this.$root.dataset.fresh === 'true') { localStorage.removeItem(this.name); return; }
    if (this.$root.dataset.typed === 'true') { this.keep(); return; }
    const kept = localStorage.getItem(this.name);
    if (!kept) return;
    let typed;
    try { typed = JSON.parse(kept); } catch { localStorage.removeItem(this.name); return; }
    for (const field of this.fields()) {
      const before = typed[this.keyOf(field)];
      if (before === undefined || before === this.read(field)) continue;
      if (this.isChoice(field)) field.checked = before === 'true';
      else field.value = before;
      this.restored = true;
    }
    this.$refs.restored.hidden = !this.restored;
  },
  fields() {
    return [...this.$root.querySelectorAll('input, select, textarea')]
      .filter((f) => f.form && f.name && f.type !== 'hidden' && f.type !== 'file');
  },
  isChoice(field) { return field.type === 'radio' || field.type === 'checkbox'; },
  keyOf(field) { return this.isChoice(field) ? `${field.name}=${field.value}` : field.name; },
  read(field) { return this.isChoice(field) ? String(field.checked) : field.value; },
  keep() {
    const typed = Object.fromEntries(this.fields().map((f) => [this.keyOf(f), this.read(f)]));
    localStorage.setItem(this.name, JSON.stringify(typed));
  },
  forget() { localStorage.removeItem(this.name); location.reload(); },
});
