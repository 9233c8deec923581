#!/usr/bin/env node
import '../../scripts/hoppla.mjs';
