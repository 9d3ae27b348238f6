// Meter, clamp and power on the bench.
export default {
  reading: '',
  metering: false,
  powered: false,
  flows: { starting: [], running: [] },
  flowing: '',
  thrown: [],
  meter() {
    this.metering = !this.metering;
    this.clear();
    this.said = this.metering ? 'Put the probes on two points.' : 'The meter is away: two points make a wire.';
  },
  probe(one, other) {
    this.show();
    this.said = 'Probes on.';
    this.ask('meter', { one, other });
  },
  async ask(what, points) {
    try {
      const answer = await fetch(`${this.base()}/${what}?${new URLSearchParams({ ...points, at: this.at })}`);
      if (!answer.ok) throw new Error(String(answer.status));
      this.reading = (await answer.json()).words;
    } catch {
      this.reading = 'No answer.';
    }
  },
  power() {
    this.powered = !this.powered;
    this.feed(this.powered);
    if (this.powered) this.energise(); else this.dead();
  },
  dead() {
    this.stopped();
    this.reading = 'Power off.';
    this.$root.classList.remove('powered', 'tripped');
  },
  // power as the shaft turns when it comes: what hands did to the handle since it stood still goes along
  async energise() {
    const { before, after } = this.since();
    this.dead();
    const at = this.at;
    let run;
    try {
      const answer = await fetch(`${this.base()}/power?${new URLSearchParams({ at, before, after })}`);
      if (!answer.ok) throw new Error(String(answer.status));
      run = await answer.json();
    } catch {
      this.reading = 'No answer: no power.';
      return;
    }
    if (!this.powered || at !== this.at) return;
    this.reading = run.words;
    this.flows = { starting: run.starting, running: run.running };
    this.flowing = '';
    this.$root.classList.add(run.trips >= 0 ? 'tripped' : 'powered');
    this.thrown = [...(before ? this.thrown : []), { at, when: after }];
    this.started(run);
  },
  // nothing is carried over from a shaft that stands, from a short, or from a run whose wires were changed
  since() {
    const now = this.speeds[Number(this.$refs.time.value)];
    const turns = now && !now.burns && Math.abs(now.rpm) > 5 && this.thrown.length > 0 && this.thrown.length < 12;
    if (!turns) { this.thrown = []; return { before: '', after: 0 }; }
    const after = (this.thrown[this.thrown.length - 1].when + now.at).toFixed(3);
    if (after > 99) { this.thrown = []; return { before: '', after: 0 }; }
    return { before: this.thrown.map((t) => `${t.at}@${Number(t.when).toFixed(3)}`).join(','), after: Number(after) };
  },
  // how quick the dashes go says how much flows, where they begin how late; a wire without current stands still
  flow(when) {
    if (this.flowing === when) return;
    this.flowing = when;
    const flows = new Map(this.flows[when].map((f) => [f.ends, f]));
    const most = Math.max(0.01, ...this.flows[when].map((f) => f.amps));
    this.$root.querySelectorAll('.by-hand [data-ends]').forEach((wire) => {
      const flow = flows.get(wire.dataset.ends);
      const line = wire.querySelector('.line');
      const seconds = flow ? 1.4 - 1.1 * (flow.amps / most) : 0;
      line.style.animationDuration = `${seconds.toFixed(2)}s`;
      line.style.animationDelay = flow ? `${(-seconds * (((flow.degrees % 360) + 360) % 360) / 360).toFixed(2)}s` : '0s';
      line.style.animationName = flow ? '' : 'none';
    });
  },
};
