import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';
import { mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

// The icons that are used, gathered into one file that pages refer to by name.
const icons = [
    'box-arrow-right', 'camera', 'check-lg', 'chevron-left', 'chevron-right', 'download', 'droplet', 'exclamation-octagon', 'exclamation-triangle',
    'gear', 'info-circle', 'journal-text', 'keyboard', 'pencil', 'plus-lg', 'power', 'printer', 'trash', 'water', 'x-lg',
];

function iconSheet() {
    return {
        name: 'icon-sheet',
        buildStart() {
            const symbols = icons.map((name) => readFileSync(`node_modules/bootstrap-icons/icons/${name}.svg`, 'utf8')
                .replace(/<svg[^>]*viewBox="([^"]+)"[^>]*>/, `<symbol id="${name}" viewBox="$1">`)
                .replace('</svg>', '</symbol>'));
            this.emitFile({
                type: 'asset',
                name: 'icons.svg',
                originalFileName: 'icons.svg',
                source: `<svg xmlns="http://www.w3.org/2000/svg">${symbols.join('')}</svg>`,
            });
        },
    };
}

// Each asset also packed, so that the server does not pack it for every visitor.
function packed() {
    return {
        name: 'packed',
        closeBundle() {
            const folder = 'public/build/assets';
            mkdirSync(folder, { recursive: true });
            for (const file of readdirSync(folder)) {
                if (/\.(js|css|svg)$/.test(file)) {
                    writeFileSync(join(folder, `${file}.gz`), gzipSync(readFileSync(join(folder, file)), { level: 9 }));
                }
            }
        },
    };
}

export default defineConfig({
    plugins: [laravel({ input: ['resources/scss/app.scss', 'resources/js/app.js'] }), iconSheet(), packed()],
    // Fonts lie beside the sheet that names them, wherever both stand.
    experimental: { renderBuiltUrl: (filename, { hostType }) => (hostType === 'css' ? { relative: true } : undefined) },
    build: { assetsInlineLimit: 0, target: 'es2022' },
    css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
});
