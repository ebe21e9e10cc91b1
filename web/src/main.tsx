import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Refusal } from './api/client';
import { BenchPage } from './bench/BenchPage';
import { JobPage } from './jobs/JobPage';
import { JobsPage } from './jobs/JobsPage';
import { Guard } from './ui/Guard';
import { NotFound } from './ui/NotFound';
import './styles.css';

// What is seldom opened is loaded when it is.
const BlanksPage = lazy(() => import('./blanks/BlanksPage').then((page) => ({ default: page.BlanksPage })));

const RackPage = lazy(() => import('./rack/RackPage').then((page) => ({ default: page.RackPage })));

const ShopPage = lazy(() => import('./shop/ShopPage').then((page) => ({ default: page.ShopPage })));

const TypeCasePage = lazy(() => import('./type/TypeCasePage').then((page) => ({ default: page.TypeCasePage })));

const client = new QueryClient({
    defaultOptions: {
        queries: {
            // A server that is away is asked again; one that says no is not.
            retry: (times, error) => times < 2 && !(error instanceof Refusal && error.status < 500),
        },
    },
});
const root = document.getElementById('root');

if (root) {
    createRoot(root).render(
        <StrictMode>
            <QueryClientProvider client={client}>
                <BrowserRouter>
                    <Guard what="This page">
                        <Suspense>
                            <Routes>
                                <Route path="/" element={<JobsPage />} />
                                <Route path="/jobs/:id" element={<JobPage />} />
                                <Route path="/designs/:id" element={<BenchPage />} />
                                <Route path="/type-case" element={<TypeCasePage />} />
                                <Route path="/film-rack" element={<RackPage />} />
                                <Route path="/blanks" element={<BlanksPage />} />
                                <Route path="/shop" element={<ShopPage />} />
                                <Route path="*" element={<NotFound />} />
                            </Routes>
                        </Suspense>
                    </Guard>
                </BrowserRouter>
            </QueryClientProvider>
        </StrictMode>,
    );
}
