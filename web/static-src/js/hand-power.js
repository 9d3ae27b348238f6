// Meter, clamp and power on the bench.
export default {
  reading: '',
  rpm: '0',
  moment: '',
  metering: false,
  powered: false,
  speeds: [],
  flows: { starting: [], running: [] },
  flowing: '',
  playing: 0,
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
    clearTimeout(this.playing);
    this.reading = 'Power off.';
    this.$root.classList.remove('powered', 'smoking', 'tripped');
    this.$root.querySelectorAll('.is-burnt').forEach((c) => c.classList.remove('is-burnt'));
  },
  async energise() {
    this.dead();
    const at = this.at;
    let run;
    try {
      const answer = await fetch(`${this.base()}/power?${new URLSearchParams({ at })}`);
      if (!answer.ok) throw new Error(String(answer.status));
      run = await answer.json();
    } catch {
      this.reading = 'No answer: no power.';
      return;
    }
    if (!this.powered || at !== this.at) return;
    this.reading = run.words;
    this.speeds = run.speeds;
    this.flows = { starting: run.starting, running: run.running };
    this.flowing = '';
    this.$refs.time.max = String(Math.max(0, run.speeds.length - 1));
    this.$root.classList.add(run.trips >= 0 ? 'tripped' : 'powered');
    if (run.smoke >= 0) {
      this.$root.classList.add('smoking');
      this.$root.querySelectorAll('.coil').forEach((c) => c.classList.toggle('is-burnt', run.burnt.some((b) => c.textContent.includes(b))));
    }
    this.play(0);
  },
  // the first seconds, as fast as they are
  play(i) {
    this.moments(i);
    if (i + 1 < this.speeds.length && this.powered) {
      this.playing = setTimeout(() => this.play(i + 1), 1000 * (this.speeds[i + 1].at - this.speeds[i].at));
    }
  },
  moments(i) {
    const spin = this.speeds[i];
    this.rpm = spin ? String(Math.abs(spin.rpm)) : '0';
    this.moment = spin ? `${spin.at.toFixed(2)} s, ${spin.amps} A, start switch ${spin.starting ? 'closed' : 'open'}` : '';
    this.$refs.time.value = String(i);
    this.flow(spin && !spin.starting ? 'running' : 'starting');
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
  scrub(event) {
    clearTimeout(this.playing);
    this.moments(Number(event.currentTarget.value));
  },
};
