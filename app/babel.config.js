const { straight } = require('./fronts');

/** The PDF library can load a script whose name is only known when it runs: the bundler refuses that, and here it is never done. */
const noNamelessImports = ({ types: t }) => ({
  visitor: {
    Import({ parentPath: call }, { filename = '' }) {
      if (!filename.includes('unpdf') || t.isStringLiteral(call.node.arguments[0])) return;
      call.replaceWith(
        t.callExpression(t.memberExpression(t.identifier('Promise'), t.identifier('reject')), []),
      );
    },
  },
});

module.exports = (api) => {
  const isBuilt = api.caller((caller) => caller?.name === 'metro' && caller.isDev === false);
  return { presets: ['babel-preset-expo'], plugins: [...(isBuilt ? [straight] : []), noNamelessImports] };
};
