export { PlanStation as default } from '../../../stations/plan/PlanStation';
