const { straight } = require('./fronts');

module.exports = (api) => {
  const isBuilt = api.caller((caller) => caller?.name === 'metro' && caller.isDev === false);
  return { presets: ['babel-preset-expo'], plugins: isBuilt ? [straight] : [] };
};
