import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
    root: 'web',
    base: '/app/',
    plugins: [react(), tailwindcss()],
    build: { outDir: '../public/app', emptyOutDir: true },
});
