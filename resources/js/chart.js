// The value of a chart under the pointer, the finger or the arrow keys: a rule at its place, and its words beside it.
const NS = 'http://www.w3.org/2000/svg';
const WIDE = 1000;

const told = (chart) => JSON.parse(chart.dataset.chart || '[]');

const element = (chart, name, attributes) => {
    const found = chart.querySelector(`.${attributes.class}`) ?? chart.appendChild(document.createElementNS(NS, name));
    Object.entries(attributes).forEach(([key, value]) => found.setAttribute(key, value));
    return found;
};

export const nearest = (points, place) => points.reduce((best, [at], i) => (Math.abs(at - place) < Math.abs(points[best][0] - place) ? i : best), 0);

const say = (words) => {
    let region = document.querySelector('#chart-said');
    if (!region) {
        region = document.body.appendChild(document.createElement('p'));
        region.id = 'chart-said';
        region.className = 'visually-hidden';
        region.setAttribute('aria-live', 'polite');
    }
    region.textContent = words;
};

const point = (chart, i) => {
    const points = told(chart);
    const [at, words] = points[i];
    chart.dataset.at = i;
    element(chart, 'line', { class: 'chart__rule', x1: `${at / 10}%`, x2: `${at / 10}%`, y1: 0, y2: '100%' });
    element(chart, 'text', { class: 'chart__value', x: `${at / 10}%`, y: 12, dx: at > WIDE / 2 ? -6 : 6, 'text-anchor': at > WIDE / 2 ? 'end' : 'start' })
        .textContent = words;
};

const leave = (chart) => {
    chart.querySelectorAll('.chart__rule, .chart__value').forEach((one) => one.remove());
    delete chart.dataset.at;
};

export const charts = () => {
    const pointed = (event) => {
        const chart = event.target.closest?.('svg.chart[data-chart]');
        document.querySelectorAll('svg.chart[data-at]').forEach((other) => other === chart || other === document.activeElement || leave(other));
        if (!chart || told(chart).length === 0) {
            return;
        }
        const box = chart.getBoundingClientRect();
        point(chart, nearest(told(chart), (WIDE * (event.clientX - box.left)) / box.width));
    };
    document.addEventListener('pointermove', pointed);
    document.addEventListener('pointerdown', pointed);
    document.addEventListener('focusout', (event) => event.target.matches?.('svg.chart[data-at]') && leave(event.target));
    document.addEventListener('keydown', (event) => {
        const chart = event.target.closest?.('svg.chart[data-chart]');
        const points = chart ? told(chart) : [];
        const at = Number(chart?.dataset.at ?? points.length);
        const next = { ArrowLeft: at - 1, ArrowRight: at + 1, Home: 0, End: points.length - 1 }[event.key];
        if (next === undefined || points.length === 0) {
            return;
        }
        event.preventDefault();
        const i = Math.min(points.length - 1, Math.max(0, next));
        point(chart, i);
        say(points[i][1]);
    });
};
