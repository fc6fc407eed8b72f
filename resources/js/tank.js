// The tank form: only the sizes that the chosen shape has are asked for.
export function tankForm() {
    const shape = document.querySelector('[data-shape]');
    if (!shape) {
        return;
    }
    const labels = { box: 'Length', bow_front: 'Length', cube: 'Edge', cylinder: 'Diameter', half_circle: 'Diameter', quarter_circle: 'Radius' };
    const show = (name, wanted) => {
        document.querySelector(`#f-${name}`).closest('.field').hidden = !wanted;
    };
    const follow = () => {
        const box = shape.value === 'box';
        const bow = shape.value === 'bow_front';
        show('outer_depth', box || bow);
        show('middle_depth', bow);
        show('outer_height', shape.value !== 'cube');
        document.querySelector('label[for="f-outer_length"]').textContent = labels[shape.value];
        document.querySelector('label[for="f-outer_depth"]').textContent = bow ? 'Depth at the sides' : 'Depth';
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
