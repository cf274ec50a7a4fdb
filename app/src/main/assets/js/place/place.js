// The page of the drawing: brings its parts together, saves by itself, and says what came of it.
import { Editor } from './edit.js';
import { Model } from './model.js';
import { Panel } from './panel.js';
import { Scene } from './scene.js';
import { Sun } from './sun.js';

const find = (selector) => document.querySelector(selector);
const given = JSON.parse(find('#given').textContent);
const address = find('.place-page').dataset.address;
const svg = find('#plan');
const model = new Model(given);
const scene = new Scene(svg, model, given.us);
const panel = new Panel(find('#panel'), find('#where'), model, given.us);
const status = find('#saved');
const sun = new Sun(scene, address, {
  hours: find('#show-hours'),
  patchesOn: find('#show-patches'),
  shadowsOn: find('#show-shadows'),
  monthOut: find('#month-out'),
  hour: find('#hour'),
  hourOut: find('#hour-out'),
  patches: find('#patches'),
  empty: find('#no-study'),
  compareOut: find('#compare'),
  cardTemplate: find('#patch-card'),
  chosen: find('.place-page').dataset.patch,
  seasonMonth: Number(given.at.latitude) < 0 ? 12 : 6,
});

let editor;

const tell = (text, wrong) => {
  status.textContent = text;
  status.classList.toggle('problem', Boolean(wrong));
};

const everything = () => {
  scene.draw();
  panel.draw();
  sun.draw();
  find('#undo').disabled = !model.past.length;
  find('#redo').disabled = !model.future.length;
  find('#starts').hidden = model.features.length > 0 || Boolean(editor?.tool);
  find('#plan-hint').hidden = model.features.length > 0;
};

let timer;
let saving = false;
let again = false;

const save = async () => {
  if (saving) {
    again = true;
    return;
  }
  saving = true;
  tell(window.say('saving'));
  try {
    const answer = await fetch(address, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-CSRF-TOKEN': find('meta[name=csrf]').content },
      body: JSON.stringify({ version: model.version, features: model.geoJson(), at: model.at, year: sun.year }),
    });
    if (answer.status !== 200 && answer.status !== 409 && answer.status !== 422) {
      throw new Error(String(answer.status));
    }
    took(await answer.json());
  } catch {
    tell(window.say('not-saved'), true);
  }
  saving = false;
  if (again) {
    again = false;
    save();
  }
};

const took = (answer) => {
  model.version = answer.version;
  panel.problems = answer.problems;
  scene.wrong = new Set(answer.problems.map((problem) => problem.field.split('.')[0]));
  if (answer.told.length && answer.features.length) {
    model.replace(answer.features);
  }
  if (answer.problems.some((problem) => problem.field.startsWith('at.'))) {
    find('.where-box').open = true;
  }
  if (answer.problems.length) {
    tell(window.say('not-yet', answer.problems.map((problem) => problem.message).join(' ')), true);
  } else {
    tell([...answer.told, answer.stored ? window.say('saved') : ''].join(' ').trim(), !answer.stored);
  }
  if (answer.study || answer.stored) {
    sun.take(answer.study);
    if (answer.study && answer.study.year === Number(model.at.drawnIn)) {
      sun.before = answer.study;
    }
  }
  everything();
};

editor = new Editor(svg, scene, model, {
  toolChosen: (tool) => {
    find('#starts').hidden = model.features.length > 0 || Boolean(tool);
    document
      .querySelectorAll('[data-add]')
      .forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.add === tool)));
  },
  toNumbers: () => panel.focusFirst(),
  ask: async (point) => {
    scene.asked = point;
    scene.marks();
    const month = sun.month || sun.parts.seasonMonth;
    const answer = await fetch(`${address}/why.json?x=${point[0]}&y=${point[1]}&month=${month}&year=${sun.year}`);
    const story = answer.status === 200 ? await answer.json() : { title: window.say('draw-first'), told: [] };
    find('#why-title').textContent = story.title;
    find('#why-told').replaceChildren(
      ...story.told.map((text) => {
        const line = document.createElement('li');
        line.textContent = text;
        return line;
      }),
    );
  },
});

model.onChange((what) => {
  everything();
  if (what === 'changed') {
    clearTimeout(timer);
    timer = setTimeout(save, 350);
  }
});

document.querySelectorAll('[data-add]').forEach((button) =>
  button.addEventListener('click', (event) => {
    const kind = button.dataset.add;
    // A click that comes from the keyboard has no place on the screen: then one is put in the middle.
    if (event.detail === 0 && kind !== 'why') {
      editor.addInTheMiddle(kind);
    } else {
      editor.choose(kind);
      svg.focus({ preventScroll: true });
    }
  }),
);

find('#undo').addEventListener('click', () => model.undo());
find('#redo').addEventListener('click', () => model.redo());
find('#zoom-in').addEventListener('click', () => {
  scene.zoom(1 / 1.3);
  sun.draw();
});
find('#zoom-out').addEventListener('click', () => {
  scene.zoom(1.3);
  sun.draw();
});
find('#fit').addEventListener('click', () => {
  scene.fit();
  sun.draw();
});
find('#month').addEventListener('input', (event) => sun.setMonth(Number(event.target.value)));
find('#hour').addEventListener('input', (event) => sun.frameAt(Number(event.target.value)));
['hours', 'patches'].forEach((name) => find(`#show-${name}`).addEventListener('change', () => sun.draw()));
find('#show-shadows').addEventListener('change', () => sun.frameAt(Number(find('#hour').value)));

find('#year').addEventListener('change', async (event) => {
  const year = Number(event.target.value);
  const wrong = !(year >= 1900 && year <= 2200);
  event.target.setAttribute('aria-invalid', String(wrong));
  if (!wrong) {
    sun.year = year === Number(model.at.drawnIn) ? 0 : year;
    const answer = await fetch(`${address}/study.json?year=${year}`);
    sun.take(answer.status === 200 ? await answer.json() : null);
  }
});
document.querySelectorAll('[data-later]').forEach((button) =>
  button.addEventListener('click', () => {
    const field = find('#year');
    field.value = Number(model.at.drawnIn) + Number(button.dataset.later);
    field.dispatchEvent(new Event('change'));
  }),
);

document.querySelectorAll('[data-start]').forEach((button) =>
  button.addEventListener('click', () => {
    model.addAll(given.starts[Number(button.dataset.start)].features);
    scene.fit();
  }),
);

find('#import').addEventListener('change', async (event) => {
  const file = event.target.files[0];
  event.target.value = '';
  if (!file) {
    return;
  }
  try {
    const collection = JSON.parse(await file.text());
    if (!Array.isArray(collection.features) || !collection.features.length) {
      throw new Error(window.say('no-features'));
    }
    collection.features.forEach((feature) => {
      if (!model.kinds[feature?.properties?.kind] || !feature.geometry) {
        throw new Error(window.say('unknown-kind', String(feature?.properties?.kind).slice(0, 40)));
      }
    });
    model.change(() => Object.assign(model.at, collection.place ?? {}));
    model.addAll(collection.features);
    scene.fit();
  } catch (wrong) {
    tell(
      window.say('not-taken', file.name, wrong instanceof SyntaxError ? window.say('no-geojson') : wrong.message),
      true,
    );
  }
});

document.addEventListener('keydown', (event) => {
  const letter = event.key.toLowerCase();
  if (
    (event.ctrlKey || event.metaKey) &&
    (letter === 'z' || letter === 'y') &&
    !event.target.matches('input, select')
  ) {
    event.preventDefault();
    if (letter === 'y' || event.shiftKey) {
      model.redo();
    } else {
      model.undo();
    }
  }
});
svg.addEventListener('wheel', () => sun.draw());
window.addEventListener('resize', () => {
  scene.look(scene.view.x, scene.view.y, scene.view.w, scene.view.h);
  sun.draw();
});
window.addEventListener('beforeunload', (event) => status.classList.contains('problem') && event.preventDefault());

scene.fit();
everything();
fetch(`${address}/study.json`)
  .then((answer) => (answer.status === 200 ? answer.json() : null))
  .then((study) => {
    sun.before = study;
    sun.take(study);
  });
