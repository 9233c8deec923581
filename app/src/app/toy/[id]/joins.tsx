export { JoinsStation as default } from '../../../stations/joins/JoinsStation';
