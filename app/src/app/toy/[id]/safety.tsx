export { SafetyStation as default } from '../../../stations/safety/SafetyStation';
