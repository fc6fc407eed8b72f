// A field whose message was just put under it is marked as wrong for screen readers too, and unmarked when it is mended.
export function faults() {
    const follow = () => {
        for (const fault of document.querySelectorAll('.fault[id^="e-"]')) {
            const field = document.getElementById(fault.id.slice(2));
            if (field?.form && fault.textContent.trim() !== '') {
                field.setAttribute('aria-invalid', 'true');
            } else {
                field?.removeAttribute('aria-invalid');
            }
        }
    };
    // A page that came back with something wrong begins at the first field that is.
    const wrong = document.querySelector('main [aria-invalid="true"]');
    if (wrong) {
        wrong.closest('details')?.setAttribute('open', '');
        wrong.focus();
    }
    document.addEventListener('htmx:afterRequest', () => setTimeout(follow, 30));
}
