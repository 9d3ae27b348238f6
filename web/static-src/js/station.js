// Push-buttons under a hand. The server knows what they do; whoever has them shows it, frame by frame, when it is due.
export const words = (text) => new Set((text ?? '').split(' ').filter(Boolean));

const REST = 60000; // ms: after that long at rest a run begins anew, for none is followed for hours

export default {
  fed: true,
  acts: [],
  began: 0,
  due: [],
  asking: 0,
  last: 0,
  atRest: true,
  now() {
    if (!this.began) this.began = performance.now();
    return Math.round(performance.now() - this.began);
  },
  push(event) {
    if (event.type === 'keydown' && (event.repeat || ![' ', 'Enter'].includes(event.key))) return;
    if (event.type === 'keydown') event.preventDefault();
    this.hold(event.currentTarget, true);
  },
  release(event) {
    if (event.type === 'keyup' && ![' ', 'Enter'].includes(event.key)) return;
    this.hold(event.currentTarget, false);
  },
  hold(button, down) {
    const springs = button.dataset.springs === 'true';
    const is = button.getAttribute('aria-pressed') === 'true';
    // what stays put changes when it is pressed; what springs back follows the hand
    if (springs ? is === down : !down) return;
    const to = springs ? down : !is;
    this.anew();
    button.setAttribute('aria-pressed', String(to));
    const { part } = button.dataset;
    if (part === 'power') this.fed = to;
    this.done(part, to);
  },
  done(part, to) {
    if (!this.acts.length && !this.fed && part !== 'power') this.acts.push('power-0');
    this.last = this.now();
    this.acts.push(`${part}${to ? '+' : '-'}${this.last}`);
    this.follow();
  },
  anew() {
    if (!this.atRest || !this.acts.length || this.now() - this.last < REST) return;
    this.began = 0;
    this.acts = [...this.$root.querySelectorAll('.hand[aria-pressed="true"]')]
      .map((b) => b.dataset.part)
      .filter((part) => part !== 'power')
      .map((part) => `${part}+0`);
    if (!this.fed) this.acts.unshift('power-0');
  },
  see(frame, chatters) {
    this.atRest = words(frame.shown.in).size === 0;
    this.frame(frame, chatters);
  },
  // another page is put in the place of this one
  destroy() {
    this.asking += 1;
    this.due.forEach(clearTimeout);
  },
  async follow() {
    const number = ++this.asking;
    const from = this.now();
    const until = from + 30000;
    const query = new URLSearchParams({ acts: this.acts.join(','), until });
    let run;
    try {
      const answer = await fetch(`${this.$root.dataset.run}?${query}`, { headers: { Accept: 'application/json' } });
      if (!answer.ok) throw new Error(String(answer.status));
      run = await answer.json();
    } catch {
      this.failed('No answer: see whether the application runs, and press again.');
      return;
    }
    if (number !== this.asking) return;
    this.due.forEach(clearTimeout);
    const now = this.now();
    const past = run.frames.filter((f) => f.at <= now);
    const frames = past.slice(-1).concat(run.frames.filter((f) => f.at > now));
    this.due = frames.map((f) => setTimeout(() => this.see(f, run.chatters), Math.max(0, f.at - this.now())));
    this.played(run);
  },
};
