import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Route, Switch } from 'wouter';
import { Refusal } from './api/client';
import { Guard } from './ui/Guard';
import { NotFound } from './ui/NotFound';
import { page } from './ui/page';
import './styles.css';

// Each page is loaded when it is opened.
const BenchPage = page(() => import('./bench/BenchPage').then(({ BenchPage }) => BenchPage));
const BlanksPage = page(() => import('./blanks/BlanksPage').then(({ BlanksPage }) => BlanksPage));
const CutRoomPage = page(() => import('./cut/CutRoomPage').then(({ CutRoomPage }) => CutRoomPage));
const JobPage = page(() => import('./jobs/JobPage').then(({ JobPage }) => JobPage));
const JobsPage = page(() => import('./jobs/JobsPage').then(({ JobsPage }) => JobsPage));
const MeasurePage = page(() => import('./blanks/measure/MeasurePage').then(({ MeasurePage }) => MeasurePage));
const NamesPage = page(() => import('./names/NamesPage').then(({ NamesPage }) => NamesPage));
const PressPage = page(() => import('./press/PressPage').then(({ PressPage }) => PressPage));
const RackPage = page(() => import('./rack/RackPage').then(({ RackPage }) => RackPage));
const ShopPage = page(() => import('./shop/ShopPage').then(({ ShopPage }) => ShopPage));
const TypeCasePage = page(() => import('./type/TypeCasePage').then(({ TypeCasePage }) => TypeCasePage));
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
                    <Switch>
                        <Route path="/" component={JobsPage} />
                        <Route path="/jobs/:id" component={JobPage} />
                        <Route path="/jobs/:id/names" component={NamesPage} />
                        <Route path="/designs/:id" component={BenchPage} />
                        <Route path="/cut-room/:design?" component={CutRoomPage} />
                        <Route path="/press/:design?" component={PressPage} />
                        <Route path="/type-case" component={TypeCasePage} />
                        <Route path="/film-rack" component={RackPage} />
                        <Route path="/blanks/:blank?" component={BlanksPage} />
                        <Route path="/measure-a-blank/:blank?" component={MeasurePage} />
                        <Route path="/shop" component={ShopPage} />
                        <Route component={NotFound} />
                    </Switch>
                </Guard>
            </QueryClientProvider>
        </StrictMode>,
    );
}
