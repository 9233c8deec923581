export { BenchStation as default } from '../stations/bench/BenchStation';
