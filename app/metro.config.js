const { getDefaultConfig } = require('expo/metro-config');
const { resolveFront } = require('./fronts');

const config = getDefaultConfig(__dirname);
config.maxWorkers = 2;
config.transformer.babelTransformerPath = require.resolve('./transformer.js');
config.transformer.minifierPath = require.resolve('./minifier.js');
config.resolver.resolveRequest = resolveFront;

module.exports = config;
