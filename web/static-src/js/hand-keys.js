// The keyboard on the bench: marks are typed, Enter after each.
import handle from './handle.js';
import { isPlain, isTyping } from './keys.js';

export default {
  key(event) {
    if (!this.base()) return;
    // in a text field a step back is the text's own
    if (!isTyping(event) && (event.ctrlKey || event.metaKey) && !event.altKey && ['z', 'y'].includes(event.key.toLowerCase())) {
      const again = event.key.toLowerCase() === 'y' || event.shiftKey;
      if (again) this.redo(); else this.undo();
      event.preventDefault();
      return;
    }
    if (!isPlain(event)) return;
    if (['+', '-'].includes(event.key)) { if (event.key === '+') this.closer(); else this.further(); event.preventDefault(); return; }
    if (event.key === 'Escape') { this.clear(); return; }
    if (event.key === 'Backspace' && this.typed) { this.typed = this.typed.slice(0, -1); this.show(); return; }
    if (event.key === 'Delete' || (event.key === 'Backspace' && this.wire)) { this.off(); event.preventDefault(); return; }
    if (event.key === 'Enter' && this.typed) { this.enter(); event.preventDefault(); return; }
    const begins = (letter) => [...this.$root.querySelectorAll('#points option')].some((p) => p.dataset.label.toLowerCase().startsWith(letter));
    const letter = event.key.toLowerCase();
    if (!this.typed && ['f', 'o', 'r'].includes(letter) && !begins(letter)) { handle().key.call(this, event); return; }
    if (/^[a-z0-9.]$/.test(letter)) { this.typed += letter; this.show(); event.preventDefault(); }
  },
  enter() {
    const id = this.point(this.typed);
    if (!id) this.said = `There is no ${this.typed.toUpperCase()} here. Type a mark as it stands on the drawing.`;
    const alike = this.alike(this.typed, id);
    this.typed = '';
    if (id) this.pick(id); else this.show();
    if (alike && this.picked) this.said = `${this.where(id)}. Marked so too: ${alike}.`;
  },
  where(id) { return this.$root.querySelector(`#points option[value="${CSS.escape(id)}"]`).textContent; },
  // other points of the same mark: they go by their whole names
  alike(mark, id) {
    return [...this.$root.querySelectorAll('#points option')]
      .filter((p) => p.value !== id && p.dataset.label.toLowerCase() === mark.toLowerCase())
      .map((p) => p.value)
      .join(', ');
  },
  // the chosen wire; or that from the point in hand to the one that is typed
  off() {
    if (this.wire) { this.part(this.wire.one, this.wire.other); return; }
    const other = this.point(this.typed);
    if (this.picked && other) this.part(this.picked, other);
    else this.said = 'Choose a wire first: press it, or type both its points and Delete after the second.';
  },
};
