// The wire list: one wire in hand, ticked when the server says so.
import { send } from './server.js';
import { isPlain } from './keys.js';

export default () => ({
  current: 0,
  steps: [],
  init() {
    this.steps = [...this.$root.querySelectorAll('.step')];
    const open = this.steps.findIndex((s) => !s.classList.contains('is-made'));
    this.show(open < 0 ? 0 : open);
  },
  show(index) {
    if (this.steps.length === 0) return;
    this.current = (index + this.steps.length) % this.steps.length;
    const step = this.steps[this.current];
    this.steps.forEach((s, i) => s.setAttribute('aria-current', String(i === this.current)));
    for (const name of ['from', 'to', 'words', 'facts', 'fittings', 'number']) {
      this.$root.querySelectorAll(`[data-show="${name}"]`).forEach((e) => { e.textContent = step.dataset[name]; });
    }
    const made = step.classList.contains('is-made');
    this.$refs.tick.querySelector('.is-label').textContent = made ? 'Take the tick back' : 'Made. Next wire';
    this.$refs.tick.classList.toggle('main', !made);
    this.$root.querySelectorAll('.bench .wire').forEach((wire) => {
      const of = this.steps[Number(wire.dataset.step) - 1];
      wire.classList.toggle('in-hand', of === step);
      wire.classList.toggle('made', of !== undefined && of.classList.contains('is-made'));
    });
    const hand = this.$root.querySelectorAll('.bench .in-hand');
    hand.forEach((wire) => wire.parentNode.appendChild(wire));
  },
  choose(event) { this.show(this.steps.indexOf(event.currentTarget)); },
  next() { this.show(this.current + 1); },
  back() { this.show(this.current - 1); },
  async tick() {
    const step = this.steps[this.current];
    const made = !step.classList.contains('is-made');
    const { section, wire } = step.dataset;
    const body = new URLSearchParams({ section, wire, made: String(made), measuredOn: this.$root.dataset.measuredOn });
    this.say('Saving …', 'saving');
    const { answer, failed } = await send(this.$root.dataset.href, body, 'Not saved');
    if (!step.isConnected) return;
    if (failed) { this.say(failed, 'failed'); return; }
    const told = await answer.json();
    step.classList.toggle('is-made', made);
    step.querySelector('.made-words').textContent = made ? 'made' : '';
    this.say(told.message, 'saved');
    const left = this.steps.findIndex((s) => !s.classList.contains('is-made'));
    this.$refs.pull.hidden = left >= 0;
    this.show(made ? (left < 0 ? this.current : left) : this.current);
  },
  say(words, state) {
    this.$refs.said.textContent = words;
    this.$refs.said.dataset.state = state;
  },
  key(event) {
    if (!isPlain(event)) return;
    if (event.key === 'ArrowDown' || event.key === 'n') { this.next(); event.preventDefault(); }
    if (event.key === 'ArrowUp' || event.key === 'b') { this.back(); event.preventDefault(); }
    if (event.key === ' ' || event.key === 't') {
      if (event.key === ' ' && /^(BUTTON|A|SUMMARY)$/.test(event.target.tagName)) return;
      this.tick();
      event.preventDefault();
    }
  },
});
