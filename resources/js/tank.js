// The tank form: only the sizes that the chosen shape has are asked for.
export function tankForm() {
    const shape = document.querySelector('[data-shape]');
    if (!shape) {
        return;
    }
    // What each shape is measured by stands in the page: there is one list, and it is not here.
    const shapes = JSON.parse(shape.dataset.shape);
    const show = (name, wanted) => {
        document.querySelector(`#f-${name}`).closest('.field').hidden = !wanted;
    };
    const follow = () => {
        const { length, depth, middle, height, sides, table } = shapes[shape.value];
        show('outer_depth', depth);
        show('middle_depth', middle);
        show('outer_height', height);
        document.querySelector('[data-table]').hidden = !table;
        // What is counted with everything in it is not counted twice.
        ['porosity', 'measured_litres', 'measured_spread'].forEach((name) => show(name, !table));
        document.querySelector('label[for="f-outer_length"]').textContent = length;
        document.querySelector('label[for="f-outer_depth"]').textContent = sides;
        document.querySelector('label[for="f-outer_height"]').textContent = 'Height';
    };
    shape.addEventListener('change', follow);
    follow();
    // While the measures are not a tank, the last drawing stays and the sentence stands above it.
    document.body.addEventListener('htmx:beforeSwap', (event) => {
        if (event.detail.target.id === 'drawn' && event.detail.xhr.responseText.includes('data-keep')) {
            const old = document.querySelector('#drawn svg');
            event.detail.serverResponse = event.detail.serverResponse + (old ? old.outerHTML : '');
        }
    });
}
