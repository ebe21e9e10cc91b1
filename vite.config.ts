import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig(({ command }) => ({
    root: 'web',
    // While it is worked on, the interface has an address of its own, and asks the server behind it.
    base: command === 'serve' ? '/' : '/app/',
    cacheDir: '../node_modules/.vite',
    plugins: [react(), tailwindcss()],
    server: {
        host: '127.0.0.1',
        port: Number(process.env.UVRET_DEV_PORT ?? 8430),
        strictPort: true,
        proxy: { '/api': `http://127.0.0.1:${process.env.UVRET_API_PORT ?? 8420}` },
    },
    test: { include: ['tests/**/*.test.{ts,tsx}'] },
    build: { outDir: '../public/app', emptyOutDir: true },
}));
