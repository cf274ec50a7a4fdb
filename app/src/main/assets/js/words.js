// What scripts say: the sentences of their screen, as the page brings them, and the months of its language.
const given = document.querySelector('#words');
const sentences = given ? JSON.parse(given.textContent) : {};
const months = new Intl.DateTimeFormat(document.documentElement.lang, { month: 'long', timeZone: 'UTC' });

window.say = (key, ...values) => sentences[key].replace(/\{(\d)\}/g, (place, at) => values[at]);

window.monthName = (month) => months.format(new Date(Date.UTC(2000, month - 1, 1)));
