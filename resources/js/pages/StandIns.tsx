export { StandInsPage as default } from '@/features/stand-ins';
