export { FaceStation as default } from '../../../stations/face/FaceStation';
