// What is tapped goes into the field in hand, and on to the next one of the row.
export default () => ({
  field: null,
  init() {
    globalThis.addEventListener('fill-field', (event) => this.put(event.detail.fill, event.detail));
  },
  remember(event) { this.field = event.currentTarget; },
  tap(event) { this.put(event.currentTarget.value, {}); },
  put(text, also) {
    const field = this.field ?? [...this.$root.querySelectorAll('.wire-row:not([hidden]) input')].find((f) => /End$/.test(f.name) && !f.value);
    if (!field) return;
    field.value = text;
    const row = field.closest('.wire-row');
    for (const name of ['colour', 'bands']) {
      const other = row.querySelector(`[name$=".${name}"]`);
      if (also[name] && also[name] !== '0' && !other.value) other.value = also[name];
    }
    const fields = [...row.querySelectorAll('input')];
    const next = fields[fields.indexOf(field) + 1];
    if (next && /End$/.test(next.name)) next.focus();
    else this.field = null;
    field.dispatchEvent(new Event('input', { bubbles: true }));
  },
});
