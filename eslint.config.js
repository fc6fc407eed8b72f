import js from '@eslint/js';
import globals from 'globals';

export default [
    { ignores: ['public/**', 'vendor/**', 'storage/**', 'node_modules/**'] },
    js.configs.recommended,
    {
        files: ['resources/js/**/*.js', '*.config.js'],
        languageOptions: { ecmaVersion: 2024, sourceType: 'module', globals: { ...globals.browser } },
        linterOptions: { reportUnusedDisableDirectives: 'error' },
        rules: {
            curly: 'error', eqeqeq: 'error', 'prefer-const': 'error', 'no-var': 'error', 'no-implicit-globals': 'error', 'no-eval': 'error', 'no-shadow': 'error',
            'no-unused-vars': ['error', { args: 'after-used' }],
        },
    },
    { files: ['vite.config.js'], languageOptions: { globals: { ...globals.node } } },
];
