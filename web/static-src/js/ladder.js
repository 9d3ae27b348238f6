// A control circuit that runs. The server knows what happens; the browser sends what hands do, and shows what comes back when it is due.
import { isPlain } from './keys.js';
import station, { words } from './station.js';

export default () => ({
  ...station,
  says: 'Everything stands still.',
  clock: '',
  speeds: [],
  rpm: '',
  turning: 0,
  init() {
    this.show(this.$refs.rest.dataset);
  },
  show(look) {
    const closed = words(look.closed);
    const points = words(look.points);
    const live = words(look.live);
    const drawn = this.$root.querySelector('svg.ladder');
    drawn.querySelectorAll('[data-contact]').forEach((c) => c.classList.toggle('is-closed', closed.has(c.dataset.contact)));
    drawn.querySelectorAll('[data-point]').forEach((w) => w.classList.toggle('is-live', points.has(w.dataset.point)));
    drawn.querySelectorAll('[data-load]').forEach((l) => l.classList.toggle('is-live', live.has(l.dataset.load)));
  },
  step(event) {
    this.$root.querySelectorAll('.event-step').forEach((s) => s.classList.toggle('shown', s === event.currentTarget));
    this.show(event.currentTarget.dataset);
  },
  // how fast the shaft turns just now, ten times a second: it is read, not felt
  turn() {
    const now = this.now();
    const next = this.speeds.findIndex((s) => s.at > now);
    const spin = this.speeds[next < 0 ? this.speeds.length - 1 : Math.max(0, next - 1)];
    this.rpm = spin && Math.abs(spin.rpm) > 4 ? `${Math.abs(spin.rpm)} rpm ${spin.rpm < 0 ? 'in reverse' : 'forward'}` : '';
    if (next >= 0) this.turning = setTimeout(() => this.turn(), 100);
  },
  failed(why) { this.says = why; },
  played(run) {
    this.speeds = run.speeds;
    clearTimeout(this.turning);
    this.turn();
  },
  frame(frame, chatters) {
    this.show(frame.shown);
    const inNow = [...words(frame.shown.in)].join(' and ');
    const turns = { forward: 'turns FORWARD', reverse: 'turns REVERSE', off: 'stands still' }[frame.motion];
    this.says = `${inNow ? `${inNow} in` : 'Nothing is in'}; the shaft ${turns}.${chatters ? ' It chatters.' : ''}`;
    this.clock = `${(frame.at / 1000).toFixed(2)} s`;
  },
  held(key) {
    const kinds = { f: '.hand.button, .hand.selector', r: '.hand.button, .hand.selector', s: '.hand.stop' };
    if (!kinds[key]) return null;
    const all = [...this.$root.querySelectorAll(kinds[key])];
    return key === 's' ? all[0] : all.filter((b) => b.dataset.part === (key === 'f' ? 'S1' : 'S2'))[0];
  },
  key(event) {
    if (!isPlain(event) || event.repeat) return;
    const button = this.held(event.key.toLowerCase());
    if (button) { this.hold(button, true); event.preventDefault(); }
  },
  keyUp(event) {
    if (!isPlain(event)) return;
    const button = this.held(event.key.toLowerCase());
    if (button && button.dataset.springs === 'true') this.hold(button, false);
  },
});
