export { ToyFrame as default } from '../../../stations/frame/ToyFrame';
