import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    root: 'web',
    base: '/app/',
    cacheDir: '../node_modules/.vite',
    plugins: [react(), tailwindcss()],
    test: { include: ['tests/**/*.test.{ts,tsx}'] },
    build: { outDir: '../public/app', emptyOutDir: true },
});
