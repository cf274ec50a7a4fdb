// The numbers of what is selected, and where the place lies: every length can be typed.
import { area, distance } from './model.js';
import { shown, shownArea, typed } from './units.js';

const node = (name, attributes = {}, ...children) => {
  const element = document.createElement(name);
  Object.entries(attributes).forEach(
    ([key, value]) => value !== null && value !== undefined && element.setAttribute(key, value),
  );
  element.append(...children);
  return element;
};

export class Panel {
  constructor(root, where, model, us) {
    this.root = root;
    this.where = where;
    this.model = model;
    this.us = us;
    this.problems = [];
  }

  draw() {
    const feature = this.model.find(this.model.selected);
    const { id: focused, value, selectionStart, selectionEnd } = document.activeElement ?? {};
    const unfinished = this.unfinished();
    this.root.replaceChildren(...(feature ? this.thing(feature) : []));
    this.where.replaceChildren(...this.place());
    if (this.shown === this.model.selected) {
      this.putBack(unfinished);
    }
    this.shown = this.model.selected;
    if (focused) {
      this.backTo(focused, value, selectionStart, selectionEnd);
    }
  }

  // Whoever is typing goes on where the cursor was, with what was selected.
  backTo(id, value, from, to) {
    const input = document.getElementById(id);
    input?.focus();
    if (input && Number.isInteger(from)) {
      const all = from === 0 && to === value.length;
      input.setSelectionRange(from, all ? input.value.length : to);
    }
  }

  // What is being typed, and what could not be used, outlives a redrawing of the panel.
  unfinished() {
    return [...this.root.querySelectorAll('input'), ...this.where.querySelectorAll('input')]
      .filter(
        (input) =>
          input.getAttribute('aria-invalid') === 'true' ||
          (input === document.activeElement && input.value !== input.defaultValue),
      )
      .map((input) => ({ id: input.id, value: input.value, wrong: input.nextElementSibling?.textContent ?? '' }));
  }

  putBack(unfinished) {
    unfinished.forEach(({ id, value, wrong }) => {
      const input = document.getElementById(id);
      if (input) {
        input.value = value;
        input.setAttribute('aria-invalid', String(wrong !== ''));
        input.nextElementSibling.textContent = wrong;
      }
    });
  }

  focusFirst() {
    this.root.querySelector('input')?.focus();
  }

  thing(feature) {
    const kind = this.model.kinds[feature.kind];
    const parts = [node('h2', {}, kind.name[0].toUpperCase() + kind.name.slice(1)), ...this.told(feature.id)];
    parts.push(
      this.row(
        window.say('called'),
        'name',
        feature.props.name ?? '',
        (text) => this.set(feature, 'name', text.trim()),
        kind.name,
      ),
    );
    kind.measures.forEach((measure) => parts.push(this.measure(feature, measure)));
    if (['tree', 'shrub', 'hedge'].includes(feature.kind)) {
      parts.push(
        this.choice(
          window.say('leaves'),
          'foliage',
          feature.props.foliage ?? 'deciduous',
          [
            ['deciduous', window.say('deciduous')],
            ['evergreen', window.say('evergreen')],
          ],
          (value) => this.set(feature, 'foliage', value),
        ),
      );
    }
    if (feature.kind === 'block' || feature.kind === 'wall') {
      parts.push(
        this.choice(
          window.say('made-of'),
          'masonry',
          String(feature.props.masonry ?? true),
          [
            ['true', window.say('masonry')],
            ['false', window.say('no-masonry')],
          ],
          (value) => this.set(feature, 'masonry', value === 'true'),
        ),
      );
    }
    parts.push(...this.sides(feature, kind.shape), this.acts(feature));
    return parts;
  }

  told(id) {
    return this.problems
      .filter((problem) => problem.field === id || problem.field.startsWith(`${id}.`))
      .map((problem) => node('p', { class: 'problem', role: 'alert' }, problem.message));
  }

  measure(feature, measure) {
    const own = feature.props[measure.field];
    const length = measure.length;
    const text =
      own === undefined || own === ''
        ? ''
        : length
          ? shown(own, this.us)
          : measure.field === 'passes'
            ? `${Math.round(own * 100)}`
            : String(own);
    const usual =
      measure.usual === null
        ? ''
        : length
          ? shown(measure.usual, this.us)
          : measure.field === 'passes'
            ? `${Math.round(measure.usual * 100)}`
            : String(measure.usual);
    const unit = measure.field === 'passes' ? '%' : length || measure.unit === 'year' ? '' : measure.unit;
    const label = unit ? `${measure.words}, ${unit}` : measure.words;
    return this.row(
      label,
      measure.field,
      text,
      (value) => {
        if (value.trim() === '') {
          return this.set(feature, measure.field, undefined);
        }
        const number = length
          ? typed(value, this.us)
          : measure.field === 'passes'
            ? Number(value.replace('%', '')) / 100
            : Number(value.replace(',', '.'));
        if (!(number >= measure.least && number <= measure.most)) {
          return length
            ? window.say('length-between', shown(measure.least, this.us), shown(measure.most, this.us))
            : window.say('number-between', ...(measure.field === 'passes' ? [0, 100] : [measure.least, measure.most]));
        }
        return this.set(feature, measure.field, Math.round(number * 10000) / 10000);
      },
      usual,
    );
  }

  sides(feature, shape) {
    if (shape === 'point') {
      return this.position(feature);
    }
    const { points } = feature;
    const count = shape === 'line' ? points.length - 1 : points.length;
    const list = node('div', { class: 'sides' });
    for (let i = 0; i < count; i += 1) {
      const length = distance(points[i], points[(i + 1) % points.length]);
      list.append(
        this.row(window.say('side', i + 1), `side${i}`, shown(length, this.us), (value) => {
          const metres = typed(value, this.us);
          return metres > 0 && metres <= 1000
            ? this.model.change(() => this.model.setSide(feature, i, metres))
            : window.say('length-above-0');
        }),
      );
    }
    const size = shape === 'area' ? [node('p', { class: 'hint' }, `${shownArea(area(points), this.us)}`)] : [];
    return [list, ...size, ...this.position(feature)];
  }

  position(feature) {
    const set = (index) => (value) => {
      const metres = typed(value, this.us);
      if (Number.isNaN(metres)) {
        return window.say('a-length');
      }
      const by = metres - feature.points[0][index];
      return this.model.change(() => this.model.move(feature, index === 0 ? by : 0, index === 1 ? by : 0));
    };
    return [
      node(
        'div',
        { class: 'pair-rows' },
        this.row(window.say('east'), 'east', shownSigned(feature.points[0][0], this.us), set(0)),
        this.row(window.say('north-of'), 'north', shownSigned(feature.points[0][1], this.us), set(1)),
      ),
    ];
  }

  acts(feature) {
    const button = (text, work, key) => {
      const made = node('button', { type: 'button', class: 'quiet', title: key }, text);
      made.addEventListener('click', work);
      return made;
    };
    return node(
      'div',
      { class: 'panel-acts' },
      button(window.say('turn-left'), () => this.model.change(() => this.model.turn(feature, 15)), '['),
      button(window.say('turn-right'), () => this.model.change(() => this.model.turn(feature, -15)), ']'),
      button(
        window.say('twice'),
        () =>
          this.model.add(
            feature.kind,
            feature.points.map(([x, y]) => [x + 0.5, y - 0.5]),
            feature.props,
          ),
        window.say('copy'),
      ),
      button(window.say('take-away'), () => this.model.remove(feature.id), 'Delete'),
    );
  }

  place() {
    const at = (field, words, hint) =>
      this.row(
        words,
        `at-${field}`,
        this.model.at[field] ?? '',
        (value) => {
          const number = Number(value.replace(',', '.').replace('−', '-'));
          if (value.trim() !== '' && Number.isNaN(number)) {
            return window.say('a-number');
          }
          this.model.change(() => {
            this.model.at[field] = value.trim() === '' ? '' : number;
          });
          return undefined;
        },
        hint,
      );
    return [
      ...this.told('at'),
      at('north', window.say('true-north'), '0'),
      at('latitude', window.say('latitude'), ''),
      at('longitude', window.say('longitude'), ''),
      at('utcOffset', window.say('utc-offset'), ''),
      at('drawnIn', window.say('drawn-in'), ''),
    ];
  }

  set(feature, field, value) {
    this.model.change(() => {
      if (value === undefined || value === '') {
        delete feature.props[field];
      } else {
        feature.props[field] = value;
      }
    });
  }

  // A labelled field; what cannot be used is said below it and stays as it was typed.
  row(words, name, value, take, placeholder = '') {
    const id = `panel-${name}`;
    const input = node('input', { id, value, placeholder, autocomplete: 'off' });
    const problem = node('p', { class: 'problem' });
    input.addEventListener('change', () => {
      const wrong = take(input.value);
      problem.textContent = wrong ?? '';
      input.setAttribute('aria-invalid', wrong ? 'true' : 'false');
    });
    return node('div', { class: 'panel-row' }, node('label', { for: id }, words), input, problem);
  }

  choice(words, name, value, options, take) {
    const id = `panel-${name}`;
    const select = node(
      'select',
      { id },
      ...options.map(([key, text]) =>
        node('option', key === value ? { value: key, selected: '' } : { value: key }, text),
      ),
    );
    select.addEventListener('change', () => take(select.value));
    return node('div', { class: 'panel-row' }, node('label', { for: id }, words), select);
  }
}

const shownSigned = (metres, us) => (metres < 0 ? `-${shown(-metres, us)}` : shown(metres, us));
