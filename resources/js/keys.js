// Two fingers apart show a course of time closer, together wider; one finger moves the page as ever.
export function pinch() {
    const sheet = document.querySelector('.charts');
    const apart = (touches) => Math.hypot(touches[0].clientX - touches[1].clientX, touches[0].clientY - touches[1].clientY);
    let [from, to] = [0, 0];
    sheet?.addEventListener('touchstart', (event) => {
        from = to = event.touches.length === 2 ? apart(event.touches) : 0;
    }, { passive: true });
    sheet?.addEventListener('touchmove', (event) => {
        to = from > 0 && event.touches.length === 2 ? apart(event.touches) : to;
    }, { passive: true });
    sheet?.addEventListener('touchend', () => {
        const times = from > 0 ? to / from : 1;
        from = 0;
        if (times > 1.3 || times < 0.77) {
            document.querySelector(`a[data-move="${times > 1 ? 'closer' : 'wider'}"]`)?.click();
        }
    }, { passive: true });
}

// Keys for everything; "?" lists them.
export function keys() {
    let go = false;
    document.addEventListener('keydown', (event) => {
        const isTyping = event.target.matches('input:not([type="radio"], [type="checkbox"], [type="range"]), textarea, select');
        if (event.ctrlKey || event.metaKey || event.altKey || isTyping || document.querySelector('dialog[open]')) {
            return;
        }
        // On a course of time: the arrows go earlier and later, plus and minus closer and wider.
        const move = { ArrowLeft: 'earlier', ArrowRight: 'later', '+': 'closer', '-': 'wider' }[event.key];
        const turn = move && !event.target.closest('.charts') ? document.querySelector(`a[data-move="${move}"]`) : null;
        if (turn) {
            turn.click();
        }
        if (event.key === '?') {
            document.querySelector('#keys').showModal();
        } else if (event.key === 'g') {
            go = true;
            setTimeout(() => { go = false; }, 1500);
            return;
        } else if (go) {
            // Each stop of a tank says its key.
            const stop = /^[a-z]$/.test(event.key) ? document.querySelector(`a[data-key="${event.key}"]`) : null;
            const place = { r: '', m: 'mix-water', k: 'week' }[event.key];
            if (stop) {
                stop.click();
            } else if (place !== undefined) {
                location.assign(document.documentElement.dataset.root + place);
            }
        }
        go = false;
    });
}
