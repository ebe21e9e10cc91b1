import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { BenchPage } from './bench/BenchPage';
import { JobsPage } from './jobs/JobsPage';
import { NotFound } from './ui/NotFound';
import './styles.css';

const client = new QueryClient({ defaultOptions: { queries: { retry: 2, refetchOnWindowFocus: true } } });
const root = document.getElementById('root');

if (root) {
    createRoot(root).render(
        <StrictMode>
            <QueryClientProvider client={client}>
                <BrowserRouter>
                    <Routes>
                        <Route path="/" element={<JobsPage />} />
                        <Route path="/designs/:id" element={<BenchPage />} />
                        <Route path="*" element={<NotFound />} />
                    </Routes>
                </BrowserRouter>
            </QueryClientProvider>
        </StrictMode>,
    );
}
