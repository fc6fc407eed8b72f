import htmx from 'htmx.org';
import { bench } from './bench.js';
import { changeSheet } from './change.js';
import { charts } from './chart.js';
import { faults } from './faults.js';
import { keys, pinch } from './keys.js';
import { plants } from './plants.js';
import { progress } from './progress.js';
import { reading } from './reading.js';
import { awake, rings } from './rings.js';
import { run } from './run.js';
import { tankForm } from './tank.js';
import { week } from './week.js';

window.htmx = htmx;
document.querySelectorAll('[data-timezone]').forEach((field) => {
    field.value = Intl.DateTimeFormat().resolvedOptions().timeZone ?? '';
});

// What was folded out stays so when the part of the page that it stands in is answered anew.
const unfolded = new Set();
// What is open for a keeper who sees all, and was folded away.
const folded = new Set();
document.addEventListener('htmx:beforeSwap', ({ detail }) => {
    detail.target.querySelectorAll('details[id]').forEach((one) => (one.open ? unfolded.add(one.id) : unfolded.delete(one.id)));
    detail.target.querySelectorAll('details[data-sure]').forEach((one) => (one.open ? folded.delete(one.id) : folded.add(one.id)));
});
document.addEventListener('htmx:afterSwap', () => {
    unfolded.forEach((id) => document.getElementById(id)?.setAttribute('open', ''));
    folded.forEach((id) => document.getElementById(id)?.removeAttribute('open'));
});

// Fields that guard a form have no place in an address.
const OWN = ['_token', '_once', '_method'];

function explain(url) {
    htmx.ajax('GET', url, { target: '#working-body', swap: 'innerHTML' }).then(() => document.querySelector('#working').showModal());
}

// A working opens beside the figure it belongs to; without a script the link shows it on the page.
document.addEventListener('click', (event) => {
    const link = event.target.closest('a[data-working], a[data-term]');
    if (!link || event.metaKey || event.ctrlKey || event.shiftKey) {
        return;
    }
    event.preventDefault();
    if ('term' in link.dataset) {
        explain(link.href);
        return;
    }
    const form = document.querySelector('form#change, form#bench, form#plants');
    const query = new URLSearchParams(form ? new FormData(form) : new URL(link.href).search);
    OWN.forEach((name) => query.delete(name));
    query.set('working', link.dataset.working);
    explain(`${location.pathname}?${query}`);
});

// After an answer the next question is where the keyboard is; who changed one of the list stays there.
document.addEventListener('htmx:afterSettle', () => {
    if (document.activeElement === document.body) {
        document.querySelector('#answer-first')?.focus({ preventScroll: true });
    }
});

// A choice that leads to another page does so at once; a page that prints has a button for it.
document.addEventListener('change', (event) => {
    if (event.target.matches('select[data-reload]')) {
        const form = event.target.form;
        form.method = 'get';
        form.action = location.pathname;
        OWN.forEach((name) => form.querySelector(`[name="${name}"]`)?.remove());
        form.submit();
    }
});
document.addEventListener('change', (event) => {
    if (!event.target.matches('[data-recompose]')) {
        return;
    }
    // What stands in the other form of the page goes along.
    document.querySelectorAll('[data-keep]').forEach((field) => {
        const copy = Object.assign(document.createElement('input'), { type: 'hidden', name: field.name, value: field.value });
        event.target.form.append(copy);
    });
    // The page is drawn anew in place: focus and scroll stay, and the address says what stands there.
    const form = event.target.form;
    const query = new URLSearchParams(new FormData(form));
    OWN.forEach((name) => query.delete(name));
    const url = `${new URL(form.action).pathname}?${query}`;
    htmx.ajax('GET', url, { target: '#main', select: '#main', swap: 'outerHTML' }).then(() => history.replaceState(null, '', url));
});
document.addEventListener('click', (event) => event.target.closest('[data-print]') && window.print());

// A patch of the bed that is tapped was cleaned; the list below does the same for the keyboard.
document.addEventListener('click', (event) => {
    const patch = event.target.closest('[data-patch]');
    if (patch) {
        document.querySelector(`form[data-clean="${patch.dataset.patch}"]`).submit();
    }
});

// Once something was changed in a form, its button to save stays in sight on a phone.
document.addEventListener('input', (event) => event.target.form?.classList.add('is-changed'));

// Two pictures of the same spot, one over the other up to the slider.
document.querySelectorAll('[data-compare]').forEach((compare) => {
    const range = compare.querySelector('input');
    const over = compare.querySelector('.over');
    const follow = () => { over.style.clipPath = `inset(0 0 0 ${range.value}%)`; };
    range.addEventListener('input', follow);
    follow();
});

bench();
changeSheet();
charts();
faults();
plants();
tankForm();
week();
progress();
reading();
run();
if (document.querySelector('[data-let-in]')) {
    rings(document.querySelector('[data-let-in]'));
    awake();
}
keys();
pinch();
