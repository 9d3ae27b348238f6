// Wires by hand: dragged, pressed or typed from point to point. The hand's line is drawn at once; the server's word replaces it.
import handle from './handle.js';
import buttons from './hand-buttons.js';
import devices from './hand-devices.js';
import keys from './hand-keys.js';
import pointer from './hand-pointer.js';
import points from './hand-points.js';
import power from './hand-power.js';
import run from './hand-run.js';
import view from './hand-view.js';
import { send } from './server.js';

export default () => ({
  ...handle(),
  ...buttons,
  ...devices,
  ...pointer,
  ...points,
  ...keys,
  ...power,
  ...run,
  ...view,
  title: 'Two points make a wire',
  idle: 'Two points make a wire',
  said: 'Drag from point to point, press one after the other, or type the marks: T5 Enter 3 Enter.',
  canUndo: false,
  canRedo: false,
  busy: Promise.resolve(),
  init() {
    handle().init.call(this);
    this.seen();
  },
  base() { return this.$root.dataset.base; },
  sheet() { return [...this.$root.querySelectorAll('svg.by-hand')].find((s) => s.getClientRects().length > 0); },
  // what the server said comes with what it drew
  seen() {
    const state = this.$root.querySelector('[data-says]');
    if (!state) return;
    this.canUndo = state.dataset.undo === 'true';
    this.canRedo = state.dataset.redo === 'true';
  },
  join(one, other) { return this.lay('join', { one, other }, `${this.label(one)} to ${this.label(other)}`); },
  part(one, other) { return this.lay('part', { one, other }, `${this.label(one)} off ${this.label(other)}`); },
  undo() { return this.lay('undo', {}, 'One step back'); },
  redo() { return this.lay('redo', {}, 'One step on'); },
  // one after another, in the order of the hands
  lay(act, points, words) {
    this.busy = this.busy.then(async () => {
      const began = performance.now();
      const { answer, failed } = await send(`${this.base()}/${act}`, new URLSearchParams(points), 'Not laid');
      this.undraft();
      if (failed) { this.said = failed; this.clear(); return; }
      this.replace(await answer.text());
      this.said = `${words}. ${this.$root.querySelector('[data-says]').dataset.says}`;
      this.clear();
      this.$root.dataset.answered = String(Math.round(performance.now() - began));
      if (this.powered) { this.thrown = []; this.energise(); }
    });
    return this.busy;
  },
  replace(html) {
    const fresh = new DOMParser().parseFromString(html, 'text/html');
    fresh.querySelectorAll('[data-part]').forEach((part) => {
      const here = this.$root.querySelector(`[data-part="${part.dataset.part}"]`);
      if (here) here.replaceChildren(...part.childNodes);
    });
    this.throwTo(this.at);
    this.zoom(this.times);
    this.seen();
  },
  async refresh() {
    if (document.hidden || !this.base()) return;
    try {
      const answer = await fetch(`${this.base()}/work`);
      if (answer.ok) { this.replace(await answer.text()); this.show(); }
    } catch {
      this.said = 'No answer: see whether the application runs. What you laid is kept.';
    }
  },
  submit(event) {
    event.preventDefault();
    const act = event.submitter && event.submitter.value === 'part' ? 'part' : 'join';
    const { one, other } = this.$refs;
    this.lay(act, { one: one.value, other: other.value }, `${one.value} ${act === 'part' ? 'off' : 'to'} ${other.value}`);
  },
  choose(event) {
    const { one, other } = event.currentTarget.dataset;
    this.wire = { one, other };
    this.picked = '';
    this.said = 'Delete takes it off. The clamp lies around it.';
    this.show();
    this.ask('clamp', { one, other });
  },
  throwTo(position) {
    handle().throwTo.call(this, position);
    this.show();
    if (this.powered) this.energise();
  },
});
