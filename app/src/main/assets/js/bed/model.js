// The bed as it is worked on: changes are made here at once, sent one after the other, and what comes back is the bed
// as everybody has left it.
const find = (selector) => document.querySelector(selector);
const AGAIN_MS = 10000;

const isMoved = (before, now) =>
  !now.gone && Object.keys({ ...before, ...now }).every((key) => 'xy'.includes(key) || before[key] === now[key]);

export const model = {
  plants: new Map(),
  version: 0,
  canUndo: false,
  canRedo: false,
  years: [],
  left: [],
  // Steps that are not sent yet, each with what one act changed.
  waiting: [],
  sending: false,
  last: Promise.resolve(),
  changed: () => {},
  failed: () => {},

  begin(given, address) {
    Object.assign(this, given, { address });
    this.kindOf = new Map(given.kinds.map((kind) => [kind.id, kind]));
    this.take(given.state);
    setInterval(() => this.look(), AGAIN_MS);
    document.addEventListener('visibilitychange', () => this.look());
  },

  take(state) {
    this.version = state.version;
    this.canUndo = state.canUndo;
    this.canRedo = state.canRedo;
    this.plants = new Map(state.plants.map((plant) => [plant.uid, plant]));
  },

  // plants that become so; those named in gone are taken out
  change(plants, gone = []) {
    plants.forEach((plant) => this.plants.set(plant.uid, plant));
    gone.forEach((uid) => this.plants.delete(uid));
    this.wait([...plants, ...gone.map((uid) => ({ uid, gone: true }))]);
    this.changed();
    this.ask();
  },

  // A plant that is moved on before its last move was sent takes one step: so does a key that is held down.
  wait(changes) {
    const before = this.waiting[this.waiting.length - 1] ?? [];
    if (before.length === changes.length && changes.every((change, i) => isMoved(before[i], change))) {
      this.waiting.pop();
    }
    this.waiting.push(changes);
  },

  // One after the other, and what waits before what is asked for: an undo never overtakes the step it is to take back.
  ask(what, body) {
    const asked = this.last.then(async () => (await this.send()) && (!what || this.post(what, body)));
    this.last = asked;
    return asked;
  },

  async send() {
    while (this.waiting.length > 0) {
      const changes = this.waiting.shift();
      if (!(await this.post('steps', { changes }))) {
        this.waiting.unshift(changes);
        return false;
      }
    }
    return true;
  },

  // Whether it was taken; what could not be sent is kept and sent with the next change.
  async post(what, body) {
    this.sending = true;
    try {
      const answer = await fetch(`${this.address}/${what}`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'X-CSRF-TOKEN': find('meta[name=csrf]').content },
        body: JSON.stringify(body ?? {}),
      });
      if (answer.status !== 200 && answer.status !== 422) {
        throw new Error(String(answer.status));
      }
      const told = await answer.json();
      this.sending = false;
      if (this.waiting.length === 0) {
        this.take(told.state);
      }
      this.years = told.years;
      this.left = told.left;
      this.failed(told.problems[0] ?? '');
      this.changed();
      return true;
    } catch {
      this.sending = false;
      this.failed(window.say('not-saved'));
      return false;
    }
  },

  // What somebody else has done meanwhile.
  async look() {
    if (this.sending || this.waiting.length > 0 || document.hidden || this.held) {
      return;
    }
    const answer = await fetch(`${this.address}/state.json?version=${this.version}`).catch(() => null);
    if (answer?.status === 200 && !this.sending && this.waiting.length === 0 && !this.held) {
      const told = await answer.json();
      this.take(told.state);
      this.years = told.years;
      this.changed();
    }
  },

  // What neighbours take of the sun is worked out when nobody waits for it.
  async shade() {
    const version = this.version;
    const answer = await fetch(`${this.address}/years.json`).catch(() => null);
    if (answer?.status === 200 && version === this.version) {
      this.years = await answer.json();
      this.changed();
    }
  },

  newUid() {
    return `c${Date.now().toString(36)}${Math.floor(Math.random() * 1679616).toString(36)}`;
  },

  newGroup() {
    return 1 + Math.max(0, ...[...this.plants.values()].map((plant) => plant.group));
  },

  spacing(a, b) {
    return (this.kindOf.get(a.id).spacingM + this.kindOf.get(b.id).spacingM) / 2;
  },
};
