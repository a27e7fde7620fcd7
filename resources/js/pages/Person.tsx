export { PersonPage as default } from '@/features/people';
