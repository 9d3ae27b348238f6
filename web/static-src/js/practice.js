// The practice yard: hands on what lies there. A drag, two presses or two typed marks do what hands do here; a tool does the rest.
import handle from './handle.js';
import keys from './hand-keys.js';
import pointer from './hand-pointer.js';
import points from './hand-points.js';
import { send } from './server.js';

export default () => ({
  ...handle(),
  ...pointer,
  ...points,
  ...keys,
  title: '',
  said: '',
  idle: '',
  busy: Promise.resolve(),
  init() {
    handle().init.call(this);
    const { look } = this.$root.querySelector('.scene')?.dataset ?? {};
    (look ?? '').split(' ').filter(Boolean).forEach((id) => {
      this.$root.querySelectorAll(`[data-terminal="${CSS.escape(id)}"]`).forEach((t) => t.classList.add('is-picked'));
    });
    if (!look) this.show();
  },
  base() { return this.$root.dataset.base; },
  hand() { return this.$root.querySelector('.scene')?.dataset.hand ?? ''; },
  sheet() {
    const scene = this.$root.querySelector('.scene');
    const drawn = [...scene.querySelectorAll('svg')].filter((s) => s.querySelector('[data-terminal]'));
    return drawn.find((s) => s.getClientRects().length > 0) ?? scene;
  },
  field(id) { return this.$root.querySelector(`#${id}`); },
  tool(word) { return this.$root.querySelector(`.practice-form button[name="tool"][value="${word}"]`); },
  // a lead that is a button answers to the keyboard too; mouse and finger are seen by what they do on the sheet
  pressed(event) {
    const mark = event.target.closest('.scene button[data-terminal]');
    if (mark && event.detail === 0) this.pick(mark.dataset.terminal);
  },
  fill(one, other) {
    if (this.field('one')) this.field('one').value = one;
    if (this.field('other')) this.field('other').value = other;
  },
  show() {
    this.idle = this.$root.querySelector('.scene')?.dataset.idle ?? '';
    points.show.call(this);
    if (this.picked || this.wire) return;
    const chosen = [this.field('one')?.value, this.field('other')?.value];
    this.$root.querySelectorAll('.scene [data-terminal]').forEach((t) => t.classList.toggle('is-picked', chosen.includes(t.dataset.terminal)));
  },
  // the first press is the one end, the second the other
  pick(id) {
    if (!this.picked) this.fill(id, '');
    if (this.field('other')) points.pick.call(this, id);
    else { this.said = this.label(id); this.show(); }
  },
  join(one, other) {
    this.fill(one, other);
    this.show();
    if (this.hand()) this.act({ tool: 'by-hand', one, other, at: this.at });
    else this.said = `${this.label(one)} and ${this.label(other)}. Now a tool.`;
  },
  part(one, other) {
    this.fill(one, other);
    if (this.tool('part')) this.act({ tool: 'part', one, other });
  },
  choose(event) {
    const { one, other } = event.currentTarget.dataset;
    this.wire = { one, other };
    this.picked = '';
    this.fill(one, other);
    this.said = this.tool('part') ? 'Delete takes it off.' : '';
    this.show();
  },
  // keys of the bench that mean nothing here: what was done stays in the notebook
  undo() {},
  redo() {},
  closer() {},
  further() {},
  // Enter in an answer takes up no tool
  entered(event) {
    if (event.key !== 'Enter' || event.target.tagName !== 'INPUT') return;
    event.preventDefault();
    this.$root.querySelector('.ticket-actions button').focus();
  },
  submit(event) {
    if (!event.submitter || event.submitter.name !== 'tool') return;
    event.preventDefault();
    this.act({ tool: event.submitter.value });
  },
  // the page is read again where it changed: nothing jumps, and what was answered so far goes along
  act(what) {
    const root = this.$root;
    this.busy = this.busy.then(async () => {
      const form = new FormData(root.querySelector('.practice-form'));
      Object.entries(what).forEach(([name, value]) => form.set(name, value));
      const { answer, failed } = await send(`${this.base()}/act`, new URLSearchParams(form), 'Not done');
      this.undraft();
      this.typed = '';
      this.picked = '';
      this.wire = null;
      if (failed) { this.said = failed; this.show(); return; }
      this.replace(root, await answer.text());
    });
    return this.busy;
  },
  replace(root, html) {
    const fresh = new DOMParser().parseFromString(html, 'text/html');
    const { id, name, value } = document.activeElement;
    // what was typed while the answer was on its way stays
    const typed = [...root.querySelectorAll('[name^="answer."]')].map((f) => [f.name, f.value]);
    fresh.querySelectorAll('[data-part]').forEach((part) => {
      const here = root.querySelector(`[data-part="${part.dataset.part}"]`);
      if (here) here.replaceChildren(...part.childNodes);
    });
    typed.forEach(([field, text]) => {
      const now = root.querySelector(`[name="${CSS.escape(field)}"]`);
      if (now) now.value = text;
    });
    const again = id ? root.querySelector(`#${CSS.escape(id)}`) : name && root.querySelector(`button[name="${name}"][value="${CSS.escape(value)}"]`);
    if (again) again.focus();
    this.throwTo(this.at);
    this.said = root.querySelector('.notebook li')?.textContent.trim() ?? '';
    this.show();
  },
});
