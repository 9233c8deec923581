export { NotFound as default } from '../stations/frame/NotFound';
