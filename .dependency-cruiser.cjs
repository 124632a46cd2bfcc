/** Cycles anywhere, and a core that leans on anything but itself, fail the lint. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'core-is-alone', severity: 'error', from: { path: '^core/', pathNot: '\\.test\\.ts$|^core/testing/' }, to: { pathNot: '^core/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.mjs', '.js'] },
  },
}
