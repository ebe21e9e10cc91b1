/** The flow of the interface: what may use what. Checked by bin/test. */
const bench = '^web/src/bench';

/** @type {import('dependency-cruiser').IConfiguration} */
export default {
    forbidden: [
        { name: 'no circles', severity: 'error', from: {}, to: { circular: true } },
        {
            name: 'the foundations know no screen',
            severity: 'error',
            from: { path: '^web/src/(api|ui|film)/' },
            to: { path: '^web/src/(bench|blanks|cut|jobs|names|press|rack|shop|type)/' },
        },
        {
            name: 'the model knows neither state nor React',
            severity: 'error',
            from: { path: `${bench}/model/` },
            to: {
                path: [`${bench}/(?!model/)`, '^node_modules/(react|react-dom|zustand)/', '^web/src/(ui|type|film)/'],
            },
        },
        {
            name: 'the state knows only the model',
            severity: 'error',
            from: { path: `${bench}/state/` },
            to: { path: [`${bench}/(?!model/|state/)`, '^web/src/(ui|type|film)/'] },
        },
        {
            name: 'shared pieces are below all that is seen',
            severity: 'error',
            from: { path: `${bench}/shared/` },
            to: { path: `${bench}/(?!model/|state/|shared/)` },
        },
        {
            name: 'what is seen does not know what is beside it',
            severity: 'error',
            from: { path: `${bench}/([^/]+)/`, pathNot: `${bench}/(model|state|shared)/` },
            to: { path: `${bench}/`, pathNot: `${bench}/(model|state|shared|$1)/` },
        },
    ],
    options: {
        doNotFollow: { path: 'node_modules' },
        tsPreCompilationDeps: true,
        enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default', 'types'] },
    },
};
