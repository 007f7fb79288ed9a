/** Rules between the files and folders of the page. */
module.exports = {
  forbidden: [
    { name: 'no-circles-of-files', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-circles-of-folders',
      comment: 'A folder may use another or be used by it, not both.',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'schema\\.d\\.ts|\\.test\\.ts' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
