// Keys that hold on every page; what is typed is saved by going on.
import { sendInPlace } from './in-place.js';
import { isPlain, lettersAreOff, turnLetters } from './keys.js';

const FOLLOWED = ['p', 'u', '[', ']'];
const ON = 'gatepin:on-to';
const ENTERED = 'gatepin:entered';
const TWICE = 500; // ms: a second Enter within this was meant for the page before

export default () => ({
  typedIn: null,
  init() {
    document.addEventListener('input', (event) => { this.typed(event.target.form); });
    document.addEventListener('change', (event) => { this.typed(event.target.form); });
    document.addEventListener('click', (event) => { this.goOn(event); });
    document.addEventListener('keydown', (event) => { this.entered(event); }, true);
    document.addEventListener('submit', (event) => { this.busy(event.submitter); sendInPlace(event); });
    // a shop's clock is that of whoever opens it
    document.querySelectorAll('input[data-zone]').forEach((field) => { field.value = Intl.DateTimeFormat().resolvedOptions().timeZone || field.value; });
    this.saved();
  },
  // what takes its time says so, and counts the seconds; the way back stops it
  busy(button) {
    if (!button || !button.dataset.busy) return;
    const before = button.textContent;
    const began = Date.now();
    const tell = () => { button.textContent = `${button.dataset.busy}, ${Math.round((Date.now() - began) / 1000)} s`; };
    button.setAttribute('aria-busy', 'true');
    tell();
    const clock = setInterval(tell, 1000);
    window.addEventListener('pagehide', () => {
      clearInterval(clock);
      button.textContent = before;
      button.removeAttribute('aria-busy');
    }, { once: true });
  },
  // forms whose figures are kept by a button of their own
  typed(form) {
    if (form && form.method === 'post' && form.matches('[x-data="draft"]')) this.typedIn = form;
  },
  goOn(event) {
    const link = event.target.closest('a.button.main, .fence a, .neighbours a');
    if (!link || !this.typedIn || event.ctrlKey || event.metaKey || event.shiftKey) return;
    // one whose fields were filled in meanwhile stands in the place of the one that was typed into
    if (!this.typedIn.isConnected) this.typedIn = document.querySelector('main form[method="post"][x-data="draft"]');
    if (!this.typedIn) return;
    event.preventDefault();
    sessionStorage.setItem(ON, link.href);
    this.typedIn.requestSubmit();
  },
  // the page that answers says what is wrong, or else the way goes on
  saved() {
    const on = sessionStorage.getItem(ON);
    sessionStorage.removeItem(ON);
    if (on && new URLSearchParams(location.search).has('saved')) location.replace(on);
  },
  // a double Enter saves and does not pull a pin as well
  entered(event) {
    if (event.key !== 'Enter') return;
    const last = Number(sessionStorage.getItem(ENTERED) || 0);
    const now = Date.now();
    sessionStorage.setItem(ENTERED, String(now));
    const pulls = event.target === document.body
      ? document.querySelector('[data-pulls] [data-key="enter"]')
      : event.target.closest('[data-pulls]');
    if (pulls && (event.repeat || now - last < TWICE)) { event.preventDefault(); event.stopImmediatePropagation(); }
  },
  key(event) {
    if (!isPlain(event)) return;
    const key = event.key.toLowerCase();
    if (key === '?') {
      this.showKeys();
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
  showKeys() {
    this.$refs.letters.checked = !lettersAreOff();
    this.$refs.keys.showModal();
  },
  letters(event) { turnLetters(!event.currentTarget.checked); },
  hideKeys() { this.$refs.keys.close(); },
});
