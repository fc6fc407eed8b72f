import htmx from 'htmx.org';

// The page of the plants: lines that are dragged or moved by keys, and the plan on which a place is drawn.
export function plants() {
    sheet();
    place();
    steps();
}

function sheet() {
    const form = document.querySelector('form#plants');
    if (!form) {
        return;
    }
    const field = (key) => form.querySelector(`[name="cut[${key}]"]`);
    const recompute = () => htmx.trigger(form, 'recompute');
    const pick = (key) => { form.querySelector(`[name="stands[]"][value="${key}"]`).checked = true; };
    const parse = (text) => Number(text.replace(',', '.')) || 0;
    let held = null;

    // Enter in a field works out, it does not leave the page.
    form.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' && event.target.matches('input')) {
            event.preventDefault();
            recompute();
        }
        const line = event.target.closest?.('[data-cut-line]');
        const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 5, PageDown: -5 }[event.key];
        if (line && by) {
            event.preventDefault();
            const per = Number(form.querySelector('svg.section').dataset.per);
            const { most } = line.dataset;
            const to = field(line.dataset.cutLine);
            const next = parse(to.value) + by * (per > 1 ? 0.2 : 5);
            to.value = per > 1 ? Math.max(0.1, Math.min(most / per, next)).toFixed(1) : String(Math.round(Math.max(1, Math.min(most, next))));
            recompute();
        }
    });
    // A number that is typed picks its stand.
    form.addEventListener('input', (event) => {
        const key = event.target.name?.match(/^cut\[(\d+)\]$/)?.[1];
        if (key) {
            pick(key);
        }
    }, true);

    const move = (clientY) => {
        const svg = form.querySelector('svg.section');
        const line = svg?.querySelector(`[data-cut-line="${held}"]`);
        if (!line) {
            return;
        }
        const box = svg.getBoundingClientRect();
        const y = (clientY - box.top) * svg.viewBox.baseVal.height / box.height;
        const { per, scale } = svg.dataset;
        const above = Math.max(1, Math.min(Number(line.dataset.most), (Number(line.dataset.base) - y) / Number(scale)));
        const grip = line.querySelector('.grip');
        line.setAttribute('transform', `translate(0 ${Number(line.dataset.base) - above * Number(scale) - Number(grip.getAttribute('y')) - 14})`);
        const text = Number(per) > 1 ? (above / Number(per)).toFixed(1) : String(Math.round(above));
        if (field(held).value !== text) {
            field(held).value = text;
            recompute();
        }
    };
    form.addEventListener('pointerdown', (event) => {
        const line = event.target.closest('[data-cut-line]');
        if (line) {
            event.preventDefault();
            line.focus();
            held = line.dataset.cutLine;
        }
    });
    document.addEventListener('pointermove', (event) => held !== null && move(event.clientY));
    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, () => {
            if (held !== null) {
                held = null;
                recompute();
            }
        });
    }
}

function place() {
    const plan = document.querySelector('[data-place]');
    if (!plan) {
        return;
    }
    const { wide, high } = plan.dataset;
    const edge = (name) => document.getElementById(`f-${name}`);
    const here = plan.querySelector('.here');
    const draw = () => {
        const [left, right, front, back] = ['left', 'right', 'front', 'back'].map((name) => Number(edge(name).value.replace(',', '.')) / 100);
        here.setAttribute('x', left * wide);
        here.setAttribute('y', (1 - back) * high);
        here.setAttribute('width', Math.max(0, right - left) * wide);
        here.setAttribute('height', Math.max(0, back - front) * high);
    };
    const at = (event) => {
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(plan.getScreenCTM().inverse());
        return [Math.max(0, Math.min(1, point.x / wide)), Math.max(0, Math.min(1, 1 - point.y / high))];
    };
    const set = (a, b) => {
        const percent = (share) => String(Math.round(100 * share));
        edge('left').value = percent(Math.min(a[0], b[0]));
        edge('right').value = percent(Math.max(a[0], b[0]));
        edge('front').value = percent(Math.min(a[1], b[1]));
        edge('back').value = percent(Math.max(a[1], b[1]));
        draw();
    };
    let from = null;
    plan.addEventListener('pointerdown', (event) => {
        event.preventDefault();
        plan.setPointerCapture(event.pointerId);
        from = at(event);
        // A tap stands a clump of about a hand there.
        set([Math.max(0, from[0] - 0.06), Math.max(0, from[1] - 0.12)], [Math.min(1, from[0] + 0.06), Math.min(1, from[1] + 0.12)]);
    });
    plan.addEventListener('pointermove', (event) => {
        const now = from === null ? null : at(event);
        if (now && Math.abs(now[0] - from[0]) > 0.02 && Math.abs(now[1] - from[1]) > 0.02) {
            set(from, now);
        }
    });
    for (const end of ['pointerup', 'pointercancel']) {
        plan.addEventListener(end, () => { from = null; });
    }
    ['left', 'right', 'front', 'back'].forEach((name) => edge(name).addEventListener('input', draw));
    draw();
}

// A breadth of the hand that is tapped is a height by eye.
function steps() {
    document.addEventListener('click', (event) => {
        const step = event.target.closest('[data-step]');
        if (step) {
            document.getElementById(`f-height-${step.dataset.step}`).value = step.value;
            document.querySelector(`[data-guessed="${step.dataset.step}"]`).checked = true;
        }
    });
}
