export { MakeStation as default } from '../../../stations/make/MakeStation';
