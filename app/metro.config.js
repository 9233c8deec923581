const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
config.maxWorkers = 2;
config.transformer.minifierPath = require.resolve('./minifier.js');

module.exports = config;
