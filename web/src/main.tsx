import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { Route, Switch } from 'wouter';
import { Refusal } from './api/client';
import { Guard } from './ui/Guard';
import { NotFound } from './ui/NotFound';
import './styles.css';

// Each page is loaded when it is opened.
const BenchPage = lazy(() => import('./bench/BenchPage').then((page) => ({ default: page.BenchPage })));

const BlanksPage = lazy(() => import('./blanks/BlanksPage').then((page) => ({ default: page.BlanksPage })));

const CutRoomPage = lazy(() => import('./cut/CutRoomPage').then((page) => ({ default: page.CutRoomPage })));

const JobPage = lazy(() => import('./jobs/JobPage').then((page) => ({ default: page.JobPage })));

const JobsPage = lazy(() => import('./jobs/JobsPage').then((page) => ({ default: page.JobsPage })));

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
                <Guard what="This page">
                    <Suspense>
                        <Switch>
                            <Route path="/" component={JobsPage} />
                            <Route path="/jobs/:id" component={JobPage} />
                            <Route path="/designs/:id" component={BenchPage} />
                            <Route path="/cut-room/:design?" component={CutRoomPage} />
                            <Route path="/type-case" component={TypeCasePage} />
                            <Route path="/film-rack" component={RackPage} />
                            <Route path="/blanks" component={BlanksPage} />
                            <Route path="/shop" component={ShopPage} />
                            <Route component={NotFound} />
                        </Switch>
                    </Suspense>
                </Guard>
            </QueryClientProvider>
        </StrictMode>,
    );
}
