// Keys that hold on every page.
import { isPlain } from './keys.js';

const FOLLOWED = ['p', 'u', '[', ']'];

export default () => ({
  key(event) {
    if (!isPlain(event)) return;
    const key = event.key.toLowerCase();
    if (key === '?') {
      this.$refs.keys.showModal();
      event.preventDefault();
    } else if (key === '/') {
      const field = document.querySelector('[data-key="/"]');
      if (field) { field.focus(); event.preventDefault(); }
    } else if (FOLLOWED.includes(key) || (key === 'enter' && event.target === document.body)) {
      this.follow(`[data-key="${key}"]`, event);
    }
  },
  follow(selector, event) {
    const target = document.querySelector(selector);
    if (target && !target.closest('[hidden]')) { target.click(); event.preventDefault(); }
  },
  showKeys() { this.$refs.keys.showModal(); },
  hideKeys() { this.$refs.keys.close(); },
});
