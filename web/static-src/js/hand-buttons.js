// Push-buttons on the bench: the control circuit throws what a hand throws where there is a handle.
import station, { words } from './station.js';

export default {
  ...station,
  fed: false,
  failed(why) { this.said = why; },
  played() {},
  frame(frame, chatters) {
    const isIn = words(frame.shown.in);
    const { forward, reverse } = this.$root.querySelector('.station').dataset;
    const drives = (names) => [...words(names)].some((name) => isIn.has(name));
    const one = drives(forward);
    const way = one ? 'forward' : 'reverse';
    const to = one === drives(reverse) ? 'off' : way;
    if (to !== this.at) this.throwTo(to);
    this.said = `${isIn.size ? `${[...isIn].join(' and ')} in` : 'Nothing is in'}.${chatters ? ' It chatters.' : ''}${this.fed ? '' : ' There is no power.'}`;
  },
  // the coils are fed from where the motor is
  feed(on) {
    this.fed = on;
    if (this.acts.length) this.done('power', on);
  },
};
