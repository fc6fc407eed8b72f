export default {
    extends: 'stylelint-config-recommended-scss',
    rules: {
        'color-named': 'never',
        // What Bootstrap nests is extended by its name, and its parts stand before Cresco's own.
        'scss/at-extend-no-missing-placeholder': null,
        'no-invalid-position-at-import-rule': null,
        'max-nesting-depth': 4,
        'selector-max-id': 1,
        'shorthand-property-no-redundant-values': true,
        'unit-allowed-list': ['%', 'rem', 'em', 'px', 'fr', 'ch', 'ex', 'vh', 'vw', 'vmin', 'dvh', 'svh', 's', 'ms', 'deg', 'mm', 'cm', 'pt', 'lh'],
    },
};
